CREATE TABLE "lessons" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"lesson" jsonb NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "turned_away" (
	"workspace_id" integer NOT NULL,
	"sentence" text NOT NULL,
	CONSTRAINT "turned_away_workspace_id_sentence_pk" PRIMARY KEY("workspace_id","sentence")
);
--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "turned_away" ADD CONSTRAINT "turned_away_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "lessons_workspace_id_index" ON "lessons" USING btree ("workspace_id");