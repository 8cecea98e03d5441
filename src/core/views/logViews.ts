import type { RecordKind } from '../facts/records';
import type { NoteKind } from '../log/notes';

/** Something that was written down, as the log shows it. */
export interface LogEntry {
  readonly id: number;
  /** Where the thing is that it is about. */
  readonly href: string;
  readonly name: string;
  readonly of: RecordKind;
  readonly what: NoteKind;
  readonly label: string;
  /** What matched stands between the signs of `MATCHED`. */
  readonly text: string;
  readonly at: string;
}

/** Signs of the private area, which nobody types: before and after what matched. */
export const MATCHED = ['\uE000', '\uE001'] as const;

export interface LogPage {
  readonly entries: readonly LogEntry[];
  readonly more: boolean;
  /** Why nothing was looked for. */
  readonly sentence?: string;
}
