CREATE TABLE "tryouts" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"name" text NOT NULL,
	"revision_id" integer NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "tryout_id" integer;--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "home_id" integer;--> statement-breakpoint
ALTER TABLE "tryouts" ADD CONSTRAINT "tryouts_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "tryouts_workspace_id_index" ON "tryouts" USING btree ("workspace_id");