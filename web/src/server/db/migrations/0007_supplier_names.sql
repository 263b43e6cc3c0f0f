CREATE TABLE "supplier_names" (
	"supplier_id" text NOT NULL,
	"theirs" text NOT NULL,
	"article" text NOT NULL,
	CONSTRAINT "supplier_names_supplier_id_theirs_pk" PRIMARY KEY("supplier_id","theirs")
);
--> statement-breakpoint
ALTER TABLE "supplier_names" ADD CONSTRAINT "supplier_names_supplier_id_suppliers_id_fk" FOREIGN KEY ("supplier_id") REFERENCES "public"."suppliers"("id") ON DELETE cascade ON UPDATE no action;