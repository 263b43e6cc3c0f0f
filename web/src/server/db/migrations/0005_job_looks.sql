CREATE TABLE "job_looks" (
	"job_id" text PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"catalogue" text NOT NULL,
	"program" text NOT NULL,
	"rank" integer NOT NULL,
	"look" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "job_looks" ADD CONSTRAINT "job_looks_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "job_looks_by_rank" ON "job_looks" USING btree ("rank");