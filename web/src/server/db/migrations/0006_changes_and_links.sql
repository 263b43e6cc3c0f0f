CREATE TABLE "catalogue_changes" (
	"only" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"count" bigint DEFAULT 0 NOT NULL,
	CONSTRAINT "catalogue_changes_one_row" CHECK ("catalogue_changes"."only" = 1)
);
--> statement-breakpoint
ALTER TABLE "merchant_links" ADD COLUMN "expires_at" timestamp with time zone DEFAULT now() + interval '30 days' NOT NULL;--> statement-breakpoint
ALTER TABLE "merchant_links" ADD COLUMN "opened" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
INSERT INTO "catalogue_changes" ("only", "count") VALUES (1, 0);--> statement-breakpoint
CREATE FUNCTION count_catalogue_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE catalogue_changes SET count = count + 1;
  RETURN NULL;
END $$;--> statement-breakpoint
CREATE TRIGGER own_parts_counted AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON own_parts FOR EACH STATEMENT EXECUTE FUNCTION count_catalogue_change();--> statement-breakpoint
CREATE TRIGGER holdings_counted AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON holdings FOR EACH STATEMENT EXECUTE FUNCTION count_catalogue_change();--> statement-breakpoint
CREATE TRIGGER off_cuts_counted AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON off_cuts FOR EACH STATEMENT EXECUTE FUNCTION count_catalogue_change();
