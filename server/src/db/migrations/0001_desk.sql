CREATE TABLE "desk_parts" (
	"workspace_id" uuid NOT NULL,
	"part" text NOT NULL,
	"content" jsonb NOT NULL,
	"updated_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "desk_parts_workspace_id_part_pk" PRIMARY KEY("workspace_id","part")
);
--> statement-breakpoint
ALTER TABLE "desk_parts" ADD CONSTRAINT "desk_parts_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;