/** Stores changes of a record by path, undone as one. */
export type SetFields = (label: string, changes: Readonly<Record<string, unknown>>) => void;
