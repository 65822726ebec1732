CREATE TABLE "chunks" (
	"column_id" integer NOT NULL,
	"ord" integer NOT NULL,
	"data" "bytea" NOT NULL,
	CONSTRAINT "chunks_column_id_ord_pk" PRIMARY KEY("column_id","ord")
);
--> statement-breakpoint
CREATE TABLE "columns" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"type" text NOT NULL,
	"scale" smallint,
	"glance" jsonb
);
--> statement-breakpoint
CREATE TABLE "entries" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"key" text NOT NULL,
	"source_id" integer NOT NULL,
	"request" text NOT NULL,
	"sentence" text NOT NULL,
	"plan" jsonb NOT NULL,
	"before" integer NOT NULL,
	"after" integer NOT NULL,
	"report" jsonb NOT NULL,
	"codes" "bytea",
	"holds" integer[] NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "holds" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"entry_key" text NOT NULL,
	"kind" text,
	"position" integer,
	"note" text DEFAULT '' NOT NULL,
	"settled" boolean DEFAULT false NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"parent_id" integer,
	"redo_id" integer,
	"entry_ids" integer[] NOT NULL,
	"label" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sources" (
	"id" serial PRIMARY KEY NOT NULL,
	"workspace_id" integer NOT NULL,
	"name" text NOT NULL,
	"file_name" text NOT NULL,
	"file" text NOT NULL,
	"bytes" bigint NOT NULL,
	"sha256" text NOT NULL,
	"settings" jsonb NOT NULL,
	"notes" jsonb NOT NULL,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "states" (
	"id" serial PRIMARY KEY NOT NULL,
	"source_id" integer NOT NULL,
	"columns" jsonb NOT NULL,
	"size" integer NOT NULL,
	"row_count" integer NOT NULL,
	"rows" "bytea",
	"totals" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "workspaces" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"revision_id" integer,
	"draft" text,
	"createdAt" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "chunks" ADD CONSTRAINT "chunks_column_id_columns_id_fk" FOREIGN KEY ("column_id") REFERENCES "public"."columns"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "columns" ADD CONSTRAINT "columns_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_source_id_sources_id_fk" FOREIGN KEY ("source_id") REFERENCES "public"."sources"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "holds" ADD CONSTRAINT "holds_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sources" ADD CONSTRAINT "sources_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "states" ADD CONSTRAINT "states_source_id_sources_id_fk" FOREIGN KEY ("source_id") REFERENCES "public"."sources"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "entries_workspace_id_index" ON "entries" USING btree ("workspace_id");--> statement-breakpoint
CREATE INDEX "holds_workspace_id_index" ON "holds" USING btree ("workspace_id");--> statement-breakpoint
CREATE INDEX "revisions_workspace_id_index" ON "revisions" USING btree ("workspace_id");--> statement-breakpoint
CREATE INDEX "states_source_id_index" ON "states" USING btree ("source_id");--> statement-breakpoint
ALTER TABLE "chunks" ALTER COLUMN "data" SET STORAGE EXTERNAL;--> statement-breakpoint
ALTER TABLE "states" ALTER COLUMN "rows" SET STORAGE EXTERNAL;--> statement-breakpoint
ALTER TABLE "entries" ALTER COLUMN "codes" SET STORAGE EXTERNAL;
