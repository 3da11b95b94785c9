CREATE TABLE "catalogue_item" (
	"kind" text NOT NULL,
	"id" text NOT NULL,
	"doc" jsonb NOT NULL,
	"updated_at" timestamp with time zone NOT NULL,
	CONSTRAINT "catalogue_item_kind_id_pk" PRIMARY KEY("kind","id")
);
--> statement-breakpoint
CREATE TABLE "job" (
	"id" text PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"last_seq" integer NOT NULL,
	"last_hash" text NOT NULL,
	"closed" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
CREATE TABLE "journal_entry" (
	"job_id" text NOT NULL,
	"seq" integer NOT NULL,
	"entry_id" text NOT NULL,
	"kind" text NOT NULL,
	"at" text NOT NULL,
	"by" text NOT NULL,
	"body" jsonb NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "journal_entry_job_id_seq_pk" PRIMARY KEY("job_id","seq")
);
--> statement-breakpoint
CREATE TABLE "meta" (
	"key" text PRIMARY KEY NOT NULL,
	"value" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "person" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"role" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "journal_entry" ADD CONSTRAINT "journal_entry_job_id_job_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."job"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "job_open" ON "job" USING btree ("closed","created_at");--> statement-breakpoint
CREATE UNIQUE INDEX "journal_entry_once" ON "journal_entry" USING btree ("job_id","entry_id");