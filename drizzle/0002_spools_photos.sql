CREATE TABLE "photo" (
	"id" text PRIMARY KEY NOT NULL,
	"bytes" "bytea" NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	"created_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "spool" (
	"id" text PRIMARY KEY NOT NULL,
	"wire_type" text NOT NULL,
	"left_mm" double precision NOT NULL,
	"counted_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE INDEX "spool_wire_type" ON "spool" USING btree ("wire_type");--> statement-breakpoint
CREATE INDEX "journal_entry_kind" ON "journal_entry" USING btree ("kind","job_id","seq");