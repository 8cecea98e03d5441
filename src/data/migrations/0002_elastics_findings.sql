CREATE TABLE `elastics` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `elastics_name` ON `elastics` (`name`);--> statement-breakpoint
CREATE TABLE `findings` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `findings_name` ON `findings` (`name`);