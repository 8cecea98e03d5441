CREATE TABLE `machine_sets` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `machine_sets_name` ON `machine_sets` (`name`);--> statement-breakpoint
CREATE TABLE `machines` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `machines_name` ON `machines` (`name`);