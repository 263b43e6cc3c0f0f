CREATE TABLE "merchant_links" (
	"id" text PRIMARY KEY NOT NULL,
	"secret_hash" text NOT NULL,
	"job_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"revoked_at" timestamp with time zone,
	CONSTRAINT "merchant_links_secret_hash_unique" UNIQUE("secret_hash")
);
--> statement-breakpoint
CREATE TABLE "off_cuts" (
	"id" text PRIMARY KEY NOT NULL,
	"code" text NOT NULL,
	"length_m" double precision NOT NULL,
	"from_job" text,
	"used_by" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "off_cuts_length_positive" CHECK ("off_cuts"."length_m" > 0)
);
--> statement-breakpoint
CREATE TABLE "offers" (
	"supplier_id" text NOT NULL,
	"article" text NOT NULL,
	"price" double precision NOT NULL,
	"pack" integer DEFAULT 1 NOT NULL,
	"stock" integer,
	CONSTRAINT "offers_supplier_id_article_pk" PRIMARY KEY("supplier_id","article"),
	CONSTRAINT "offers_price_not_negative" CHECK ("offers"."price" >= 0),
	CONSTRAINT "offers_pack_positive" CHECK ("offers"."pack" >= 1)
);
--> statement-breakpoint
CREATE TABLE "suppliers" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"currency" text NOT NULL,
	"priced_on" date NOT NULL,
	CONSTRAINT "suppliers_name_unique" UNIQUE("name")
);
--> statement-breakpoint
CREATE TABLE "ticks" (
	"job_id" text NOT NULL,
	"line" text NOT NULL,
	"state" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "ticks_job_id_line_pk" PRIMARY KEY("job_id","line")
);
--> statement-breakpoint
ALTER TABLE "merchant_links" ADD CONSTRAINT "merchant_links_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "off_cuts" ADD CONSTRAINT "off_cuts_from_job_jobs_id_fk" FOREIGN KEY ("from_job") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "off_cuts" ADD CONSTRAINT "off_cuts_used_by_jobs_id_fk" FOREIGN KEY ("used_by") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offers" ADD CONSTRAINT "offers_supplier_id_suppliers_id_fk" FOREIGN KEY ("supplier_id") REFERENCES "public"."suppliers"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ticks" ADD CONSTRAINT "ticks_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE no action ON UPDATE no action;