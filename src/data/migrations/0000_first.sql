CREATE TABLE `cloths` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `cloths_name` ON `cloths` (`name`);--> statement-breakpoint
CREATE TABLE `command_ops` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`command_id` integer NOT NULL,
	`op` text NOT NULL,
	`kind` text NOT NULL,
	`record_id` text NOT NULL,
	`revision` integer NOT NULL,
	`changes` text NOT NULL,
	`inverse` text NOT NULL,
	FOREIGN KEY (`command_id`) REFERENCES `commands`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `command_ops_record` ON `command_ops` (`kind`,`record_id`,`id`);--> statement-breakpoint
CREATE TABLE `commands` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`label` text NOT NULL,
	`undoes` integer,
	`undone_by` integer,
	FOREIGN KEY (`undoes`) REFERENCES `commands`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`undone_by`) REFERENCES `commands`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `garments` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL,
	`wearer_id` text GENERATED ALWAYS AS (json_extract(facts, '$.wearerId')) STORED,
	`outer_cloth_id` text GENERATED ALWAYS AS (json_extract(facts, '$.outerClothId')) STORED,
	`band_cloth_id` text GENERATED ALWAYS AS (json_extract(facts, '$.bandClothId')) STORED,
	FOREIGN KEY (`wearer_id`) REFERENCES `wearers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`outer_cloth_id`) REFERENCES `cloths`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`band_cloth_id`) REFERENCES `cloths`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `garments_updated` ON `garments` (`removed_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `garments_wearer` ON `garments` (`wearer_id`);--> statement-breakpoint
CREATE INDEX `garments_outer_cloth` ON `garments` (`outer_cloth_id`);--> statement-breakpoint
CREATE INDEX `garments_band_cloth` ON `garments` (`band_cloth_id`);--> statement-breakpoint
CREATE INDEX `garments_name` ON `garments` (`name`);--> statement-breakpoint
CREATE TABLE `wearers` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `wearers_name` ON `wearers` (`name`);