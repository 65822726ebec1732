CREATE TABLE "looks" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"entry_key" text,
	"kind" text,
	"position" integer,
	"sample_id" integer,
	"verdict" text NOT NULL,
	"rows" integer NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"author" text NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "samples" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"source_id" integer NOT NULL,
	"state_id" integer NOT NULL,
	"seed" bigint NOT NULL,
	"share" double precision NOT NULL,
	"certainty" double precision NOT NULL,
	"by" jsonb NOT NULL,
	"rows" integer NOT NULL,
	"positions" integer[] NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "signoffs" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"source_id" integer NOT NULL,
	"state_id" integer NOT NULL,
	"author" text NOT NULL,
	"record" jsonb NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "workspaces" ADD COLUMN "from_id" integer;--> statement-breakpoint
ALTER TABLE "looks" ADD CONSTRAINT "looks_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "looks" ADD CONSTRAINT "looks_sample_id_samples_id_fk" FOREIGN KEY ("sample_id") REFERENCES "public"."samples"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "samples" ADD CONSTRAINT "samples_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "samples" ADD CONSTRAINT "samples_source_id_sources_id_fk" FOREIGN KEY ("source_id") REFERENCES "public"."sources"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "signoffs" ADD CONSTRAINT "signoffs_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "signoffs" ADD CONSTRAINT "signoffs_source_id_sources_id_fk" FOREIGN KEY ("source_id") REFERENCES "public"."sources"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "looks_workspace_id_index" ON "looks" USING btree ("workspace_id");--> statement-breakpoint
CREATE INDEX "samples_workspace_id_index" ON "samples" USING btree ("workspace_id");--> statement-breakpoint
CREATE INDEX "signoffs_workspace_id_index" ON "signoffs" USING btree ("workspace_id");