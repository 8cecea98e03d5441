'use client';
import { leafFault } from '@/core/facts/faults';
import type { DateSpec, TextSpec } from '@/core/facts/spec';
import { TextBox } from '@/ui/TextBox';
import { useStable } from '@/ui/useStable';
import { useTyped } from '@/ui/useTyped';

interface Props {
  readonly spec: TextSpec | DateSpec;
  readonly value: string | undefined;
  /** Called with every usable text as it is typed; with `undefined` when it is emptied. */
  readonly onChange: (value: string | undefined) => void;
  readonly multiline?: boolean;
  readonly help?: string;
  /** It was asked for by name: typing begins in it. */
  readonly autoFocus?: boolean;
  /** Half of it is not it, as half a time of day: it counts when the field is left. */
  readonly whole?: boolean;
  readonly fault?: string | undefined;
}

/**
 * Words or a day kept with a record. Words are kept as they are typed, since half a note is still that note; a day counts
 * when the field is left. What cannot be kept stays as typed, with a sentence.
 */
export function TextFactField({
  spec,
  value,
  onChange,
  multiline = false,
  autoFocus = false,
  whole = spec.kind === 'date',
  help,
  fault,
}: Props) {
  const faultOf = (text: string) => (text === '' ? undefined : leafFault(spec, text, '', 'cm')?.sentence);
  const take = (text: string): boolean => {
    if (faultOf(text) !== undefined) return false;
    onChange(text === '' ? undefined : text);
    return true;
  };
  const { text, onType, onLeave } = useTyped({ stored: value ?? '', take });
  return (
    <TextBox
      label={spec.label}
      type={spec.kind === 'date' ? 'date' : 'text'}
      multiline={multiline}
      autoFocus={autoFocus}
      value={text}
      trouble={faultOf(text) ?? fault}
      help={help}
      onType={useStable((next: string) => {
        onType(next);
        if (!whole) take(next);
      })}
      onLeave={onLeave}
    />
  );
}
