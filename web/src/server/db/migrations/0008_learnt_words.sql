CREATE TABLE "learnt_words" (
	"theirs" text PRIMARY KEY NOT NULL,
	"code" text NOT NULL
);
