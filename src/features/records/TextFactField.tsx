'use client';
import { useState } from 'react';
import { leafFault } from '@/core/facts/faults';
import type { DateSpec, TextSpec } from '@/core/facts/spec';
import { TextBox } from '@/ui/TextBox';
import { useStable } from '@/ui/useStable';

interface Props {
  readonly spec: TextSpec | DateSpec;
  readonly value: string | undefined;
  /** Called with every usable text as it is typed; with `undefined` when it is emptied. */
  readonly onChange: (value: string | undefined) => void;
  readonly multiline?: boolean;
  readonly help?: string;
  readonly fault?: string | undefined;
}

/** Words or a day kept with a record. What cannot be kept stays as typed, with a sentence. */
export function TextFactField({ spec, value, onChange, multiline = false, help, fault }: Props) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const text = typed ?? value ?? '';
  const trouble = (text === '' ? undefined : leafFault(spec, text, '', 'cm')?.sentence) ?? fault;
  const change = (next: string) => {
    setTyped(next);
    if (next === '') onChange(undefined);
    else if (!leafFault(spec, next, '', 'cm')) onChange(next);
  };
  return (
    <TextBox
      label={spec.label}
      type={spec.kind === 'date' ? 'date' : 'text'}
      multiline={multiline}
      value={text}
      trouble={trouble}
      help={help}
      onType={useStable(change)}
      onLeave={useStable(() => !trouble && setTyped(undefined))}
    />
  );
}
