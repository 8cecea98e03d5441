CREATE TABLE `note_things` (
	`note_id` integer NOT NULL,
	`kind` text NOT NULL,
	`thing_id` text NOT NULL,
	PRIMARY KEY(`note_id`, `kind`, `thing_id`),
	FOREIGN KEY (`note_id`) REFERENCES `notes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `note_things_thing` ON `note_things` (`kind`,`thing_id`);--> statement-breakpoint
CREATE TABLE `notes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`kind` text NOT NULL,
	`record_id` text NOT NULL,
	`path` text NOT NULL,
	`what` text NOT NULL,
	`label` text NOT NULL,
	`text` text NOT NULL,
	`name` text NOT NULL,
	`at` text NOT NULL,
	`garment_kind` text
);
--> statement-breakpoint
CREATE INDEX `notes_record` ON `notes` (`kind`,`record_id`);--> statement-breakpoint
CREATE INDEX `notes_at` ON `notes` (`at`,`id`);--> statement-breakpoint
CREATE VIRTUAL TABLE `notes_fts` USING fts5(`text`, `name`, content = 'notes', content_rowid = 'id', tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3');
--> statement-breakpoint
CREATE TRIGGER `notes_come` AFTER INSERT ON `notes` BEGIN
	INSERT INTO `notes_fts` (`rowid`, `text`, `name`) VALUES (new.`id`, new.`text`, new.`name`);
END;
--> statement-breakpoint
CREATE TRIGGER `notes_go` AFTER DELETE ON `notes` BEGIN
	INSERT INTO `notes_fts` (`notes_fts`, `rowid`, `text`, `name`) VALUES ('delete', old.`id`, old.`text`, old.`name`);
END;
