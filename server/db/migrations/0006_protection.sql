CREATE TABLE "spellings" (
	"workspace_id" integer NOT NULL,
	"column" text NOT NULL,
	"from" text NOT NULL,
	"to" text,
	CONSTRAINT "spellings_workspace_id_column_from_pk" PRIMARY KEY("workspace_id","column","from")
);
--> statement-breakpoint
ALTER TABLE "workspaces" ALTER COLUMN "mask_key" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "covered" jsonb DEFAULT '{"on":false,"columns":[]}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "spellings" ADD CONSTRAINT "spellings_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;