CREATE TABLE "request_key" (
	"key" text PRIMARY KEY NOT NULL,
	"job_id" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "read_in" jsonb;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "copy_of" text;--> statement-breakpoint
ALTER TABLE "request_key" ADD CONSTRAINT "request_key_job_id_job_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."job"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "journal_entry_first" ON "journal_entry" USING btree ("hash") WHERE seq = 1;