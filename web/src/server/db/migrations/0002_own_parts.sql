CREATE TABLE "holdings" (
	"code" text PRIMARY KEY NOT NULL,
	"on_hand" integer DEFAULT 0 NOT NULL,
	"price_usd" double precision,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "holdings_on_hand_not_negative" CHECK ("holdings"."on_hand" >= 0),
	CONSTRAINT "holdings_price_not_negative" CHECK ("holdings"."price_usd" is null or "holdings"."price_usd" >= 0)
);
--> statement-breakpoint
CREATE TABLE "own_parts" (
	"code" text PRIMARY KEY NOT NULL,
	"part" jsonb NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
