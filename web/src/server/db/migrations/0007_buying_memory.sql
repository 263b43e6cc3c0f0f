CREATE TABLE "learnt_words" (
	"theirs" text PRIMARY KEY NOT NULL,
	"code" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sent_pages" (
	"upload" text NOT NULL,
	"page" integer NOT NULL,
	"offers" jsonb NOT NULL,
	"names" jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sent_pages_upload_page_pk" PRIMARY KEY("upload","page")
);
--> statement-breakpoint
CREATE TABLE "supplier_names" (
	"supplier_id" text NOT NULL,
	"theirs" text NOT NULL,
	"article" text NOT NULL,
	CONSTRAINT "supplier_names_supplier_id_theirs_pk" PRIMARY KEY("supplier_id","theirs")
);
--> statement-breakpoint
ALTER TABLE "supplier_names" ADD CONSTRAINT "supplier_names_supplier_id_suppliers_id_fk" FOREIGN KEY ("supplier_id") REFERENCES "public"."suppliers"("id") ON DELETE cascade ON UPDATE no action;