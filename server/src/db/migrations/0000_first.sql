CREATE TABLE "problems" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"title" text NOT NULL,
	"draft" jsonb NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp (3) with time zone,
	CONSTRAINT "problems_version_positive" CHECK ("problems"."version" > 0)
);
--> statement-breakpoint
CREATE TABLE "workspaces" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"kind" text NOT NULL,
	"secret_hash" text,
	"fingerprint" text,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "workspaces_kind_known" CHECK ("workspaces"."kind" in ('guest', 'demo')),
	CONSTRAINT "workspaces_guest_has_secret" CHECK (("workspaces"."kind" = 'guest') = ("workspaces"."secret_hash" is not null))
);
--> statement-breakpoint
ALTER TABLE "problems" ADD CONSTRAINT "problems_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "problems_of_workspace" ON "problems" USING btree ("workspace_id","updated_at" DESC NULLS LAST,"id") WHERE "problems"."deleted_at" is null;--> statement-breakpoint
CREATE INDEX "problems_in_workspace" ON "problems" USING btree ("workspace_id");--> statement-breakpoint
CREATE UNIQUE INDEX "workspaces_secret_hash_unique" ON "workspaces" USING btree ("secret_hash");--> statement-breakpoint
CREATE UNIQUE INDEX "workspaces_one_demo" ON "workspaces" USING btree ("kind") WHERE "workspaces"."kind" = 'demo';