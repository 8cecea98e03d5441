ALTER TABLE `commands` ADD `write_id` text;--> statement-breakpoint
CREATE UNIQUE INDEX `commands_write_id_unique` ON `commands` (`write_id`);