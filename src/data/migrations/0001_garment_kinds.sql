CREATE TABLE `own_kinds` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `own_kinds_name` ON `own_kinds` (`name`);--> statement-breakpoint
CREATE TABLE `patterns` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`facts` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text,
	`name` text GENERATED ALWAYS AS (json_extract(facts, '$.name')) VIRTUAL
);
--> statement-breakpoint
CREATE INDEX `patterns_name` ON `patterns` (`name`);--> statement-breakpoint
CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`cloth_id` text NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	`created_at` text NOT NULL,
	FOREIGN KEY (`cloth_id`) REFERENCES `cloths`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `garments` ADD `lining_cloth_id` text GENERATED ALWAYS AS (json_extract(facts, '$.liningClothId')) VIRTUAL;--> statement-breakpoint
ALTER TABLE `garments` ADD `pattern_id` text GENERATED ALWAYS AS (json_extract(facts, '$.patternId')) VIRTUAL;--> statement-breakpoint
ALTER TABLE `garments` ADD `own_kind_id` text GENERATED ALWAYS AS (json_extract(facts, '$.ownKindId')) VIRTUAL;--> statement-breakpoint
CREATE INDEX `garments_lining_cloth` ON `garments` (`lining_cloth_id`);--> statement-breakpoint
CREATE INDEX `garments_pattern` ON `garments` (`pattern_id`);--> statement-breakpoint
CREATE INDEX `garments_own_kind` ON `garments` (`own_kind_id`);