CREATE TABLE "person_pin" (
	"person" text PRIMARY KEY NOT NULL,
	"salt" text NOT NULL,
	"hash" text NOT NULL,
	"wrong" integer DEFAULT 0 NOT NULL,
	"locked_until" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "person_pin" ADD CONSTRAINT "person_pin_person_person_id_fk" FOREIGN KEY ("person") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;