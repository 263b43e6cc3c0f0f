CREATE TABLE "job_history" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"job_id" text NOT NULL,
	"revision" integer NOT NULL,
	"batch_id" text NOT NULL,
	"author" text NOT NULL,
	"label" text NOT NULL,
	"edits" jsonb,
	"inverse" jsonb,
	"document" jsonb,
	"undoes" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "job_history_one_per_revision" UNIQUE("job_id","revision"),
	CONSTRAINT "job_history_one_per_batch" UNIQUE("job_id","batch_id"),
	CONSTRAINT "job_history_edits_or_document" CHECK (("job_history"."edits" is null) <> ("job_history"."document" is null))
);
--> statement-breakpoint
CREATE TABLE "jobs" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"demo" text,
	"document" jsonb NOT NULL,
	"schema_version" integer NOT NULL,
	"revision" integer NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"archived_at" timestamp with time zone,
	CONSTRAINT "jobs_demo_unique" UNIQUE("demo"),
	CONSTRAINT "jobs_revision_positive" CHECK ("jobs"."revision" >= 1)
);
--> statement-breakpoint
ALTER TABLE "job_history" ADD CONSTRAINT "job_history_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "job_history_by_author" ON "job_history" USING btree ("job_id","author");--> statement-breakpoint
CREATE INDEX "jobs_by_update" ON "jobs" USING btree ("archived_at","updated_at");