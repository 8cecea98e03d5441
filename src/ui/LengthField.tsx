'use client';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { leafFault } from '@/core/facts/faults';
import type { NumberSpec } from '@/core/facts/spec';
import { editableLength, formatLength } from '@/core/units/formatLength';
import { parseLength } from '@/core/units/parseLength';
import { likelyUnitSlip } from '@/core/units/unitSlip';
import { TextBox } from './TextBox';
import { useUnit } from './unit';
import { useStable } from './useStable';

interface Props {
  readonly spec: NumberSpec;
  readonly valueMm: number | undefined;
  /** Called with every usable length as it is typed, and with `undefined` when an optional field is emptied. */
  readonly onChange: (mm: number | undefined) => void;
  readonly label?: string;
  readonly help?: string;
  readonly required?: boolean;
  /** A sentence from elsewhere, such as the server's, to show at the field. */
  readonly fault?: string | undefined;
  /** Thicknesses are spoken of in mm in either system. */
  readonly alwaysMm?: boolean;
}

/** A length as typed in any usual way. What cannot be read stays as typed, with a sentence; nothing is lost. */
export function LengthField({
  spec,
  valueMm,
  onChange,
  label,
  help,
  required = false,
  fault,
  alwaysMm = false,
}: Props) {
  const reader = useUnit().unit;
  const unit = alwaysMm ? 'mm' : reader;
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const [left, setLeft] = useState(false);
  const askedAbout = useRef<number | undefined>(undefined);
  const [slip, setSlip] = useState<number | undefined>(undefined);

  const text = typed ?? (valueMm === undefined ? '' : editableLength(valueMm, unit));
  const read = parseLength(text, unit);
  const range = read.ok ? leafFault(spec, read.mm, '', reader) : undefined;
  const empty = text.trim() === '';
  const trouble = empty
    ? required && left
      ? `${spec.label} is missing: fill it in.`
      : undefined
    : read.ok
      ? range?.sentence
      : read.sentence;
  const shownTrouble = fault ?? (typed === undefined || left || isHopeless(text) ? trouble : undefined);

  const change = (next: string) => {
    setTyped(next);
    setLeft(false);
    setSlip(undefined);
    if (next.trim() === '') {
      if (!required) onChange(undefined);
      return;
    }
    const parsed = parseLength(next, unit);
    if (parsed.ok && !leafFault(spec, parsed.mm, '', reader)) onChange(parsed.mm);
  };
  const leave = () => {
    setLeft(true);
    if (!read.ok) return;
    const meant = spec.usual && likelyUnitSlip(read.mm, spec.usual);
    if (meant !== undefined && askedAbout.current !== read.mm) {
      askedAbout.current = read.mm;
      setSlip(meant);
    }
    if (!range) setTyped(undefined);
  };
  const take = (mm: number) => {
    setSlip(undefined);
    setTyped(undefined);
    onChange(mm);
  };
  const echo =
    read.ok && read.echo && typed !== undefined
      ? `${formatLength(read.mm, 'in')} is ${formatLength(read.mm, 'cm')}`
      : undefined;

  return (
    <div>
      <TextBox
        label={`${label ?? spec.label} (${unit})`}
        value={text}
        trouble={shownTrouble}
        help={echo ?? help}
        inputMode="text"
        onType={useStable(change)}
        onLeave={useStable(leave)}
      />
      {slip !== undefined && read.ok && (
        <div
          role="alert"
          style={{
            background: 'var(--now)',
            color: 'var(--on-now)',
            borderRadius: 8,
            padding: '8px 12px',
            marginTop: 6,
          }}
        >
          <p className="small">
            {formatLength(read.mm, 'cm')} ({formatLength(read.mm, 'in')}) is unusual here. Did you mean{' '}
            {formatLength(slip, 'cm')} ({formatLength(slip, 'in')})?
          </p>
          <Button size="small" onClick={() => take(slip)} sx={{ color: 'inherit' }}>
            Yes, {formatLength(slip, reader)}
          </Button>
          <Button size="small" onClick={() => setSlip(undefined)} sx={{ color: 'inherit' }}>
            No, keep it
          </Button>
        </div>
      )}
    </div>
  );
}

/** Text that no further typing can turn into a length: say so at once instead of on leaving. */
const isHopeless = (text: string): boolean => /^\s*-|[^\s\d.,/'"⁄½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚a-z″′“”’‘-]/iu.test(text);
