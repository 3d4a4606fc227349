CREATE TABLE "browsers" (
	"secret_hash" text PRIMARY KEY NOT NULL,
	"workspace_id" uuid NOT NULL,
	"opened_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shared_problems" (
	"address" text PRIMARY KEY NOT NULL,
	"workspace_id" uuid NOT NULL,
	"problem_id" uuid NOT NULL,
	"draft" jsonb NOT NULL,
	"shared_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "used_limits" (
	"key" varchar(255) PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
ALTER TABLE "problems" ADD COLUMN "card" jsonb;--> statement-breakpoint
ALTER TABLE "problems" ADD COLUMN "card_version" integer;--> statement-breakpoint
ALTER TABLE "problems" ADD COLUMN "question" text GENERATED ALWAYS AS (draft ->> 'question') STORED;--> statement-breakpoint
ALTER TABLE "problems" ADD COLUMN "emptied_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "key_hash" text;--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "used_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "browsers" ADD CONSTRAINT "browsers_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_problems" ADD CONSTRAINT "shared_problems_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "browsers_of_workspace" ON "browsers" USING btree ("workspace_id");--> statement-breakpoint
CREATE UNIQUE INDEX "shared_problems_one_each" ON "shared_problems" USING btree ("workspace_id","problem_id");--> statement-breakpoint
CREATE INDEX "problems_in_bin" ON "problems" USING btree ("workspace_id","deleted_at" DESC NULLS LAST) WHERE "problems"."deleted_at" is not null and "problems"."emptied_at" is null;--> statement-breakpoint
CREATE UNIQUE INDEX "workspaces_key_hash_unique" ON "workspaces" USING btree ("key_hash");--> statement-breakpoint
-- Nothing is lost if a crash empties it, and a save waits for one write less.
ALTER TABLE "used_limits" SET UNLOGGED;
