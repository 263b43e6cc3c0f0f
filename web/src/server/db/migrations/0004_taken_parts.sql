CREATE TABLE "taken_parts" (
	"job_id" text NOT NULL,
	"code" text NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "taken_parts_job_id_code_pk" PRIMARY KEY("job_id","code"),
	CONSTRAINT "taken_parts_count_positive" CHECK ("taken_parts"."count" > 0)
);
--> statement-breakpoint
ALTER TABLE "taken_parts" ADD CONSTRAINT "taken_parts_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;