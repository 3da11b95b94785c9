CREATE TABLE "reservation" (
	"job_id" text NOT NULL,
	"part" text NOT NULL,
	"count" double precision NOT NULL,
	CONSTRAINT "reservation_job_id_part_pk" PRIMARY KEY("job_id","part")
);
--> statement-breakpoint
CREATE TABLE "stock" (
	"part" text PRIMARY KEY NOT NULL,
	"count" double precision NOT NULL,
	"reorder_level" double precision DEFAULT 0 NOT NULL,
	"counted_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "reservation" ADD CONSTRAINT "reservation_job_id_job_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."job"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "reservation_part" ON "reservation" USING btree ("part");