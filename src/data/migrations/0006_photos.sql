CREATE TABLE `__new_photos` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`record_id` text NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	`small` blob,
	`created_at` text NOT NULL,
	`incoming` text
);
--> statement-breakpoint
INSERT INTO `__new_photos`("id", "kind", "record_id", "type", "bytes", "small", "created_at", "incoming") SELECT "id", 'cloth', "cloth_id", "type", "bytes", NULL, "created_at", NULL FROM `photos`;--> statement-breakpoint
DROP TABLE `photos`;--> statement-breakpoint
ALTER TABLE `__new_photos` RENAME TO `photos`;--> statement-breakpoint
CREATE INDEX `photos_record` ON `photos` (`kind`,`record_id`);