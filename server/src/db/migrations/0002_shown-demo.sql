DROP INDEX "problems_in_workspace";--> statement-breakpoint
ALTER TABLE "problems" DROP CONSTRAINT "problems_pkey";--> statement-breakpoint
ALTER TABLE "problems" ADD CONSTRAINT "problems_workspace_id_id_pk" PRIMARY KEY("workspace_id","id");--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "shows_demo" boolean DEFAULT false NOT NULL;
