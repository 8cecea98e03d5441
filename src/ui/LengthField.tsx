'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { leafFault } from '@/core/facts/faults';
import type { NumberSpec } from '@/core/facts/spec';
import { editableLength, formatLength } from '@/core/units/formatLength';
import { parseLength } from '@/core/units/parseLength';
import { likelyUnitSlip } from '@/core/units/unitSlip';
import { TextBox } from './TextBox';
import { useUnit } from './unit';
import { useTyped } from './useTyped';

interface Props {
  readonly spec: NumberSpec;
  readonly valueMm: number | undefined;
  /** Called with a usable length when the field is left, and with `undefined` when an optional field was emptied. */
  readonly onChange: (mm: number | undefined) => void;
  readonly label?: string;
  readonly help?: string;
  readonly required?: boolean;
  /** A sentence from elsewhere, such as the server's, to show at the field. */
  readonly fault?: string | undefined;
  /** Thicknesses are spoken of in mm in either system. */
  readonly alwaysMm?: boolean;
  /** What it sets is not stored: it follows the typing, after a pause. */
  readonly live?: boolean;
}

/**
 * A length as typed in any usual way, counted when the field is left. What cannot be read stays as typed, with a
 * sentence; nothing is lost.
 */
export function LengthField({
  spec,
  valueMm,
  onChange,
  label,
  help,
  required = false,
  fault,
  alwaysMm = false,
  live = false,
}: Props) {
  const reader = useUnit().unit;
  const unit = alwaysMm ? 'mm' : reader;
  const askedAbout = useRef<number | undefined>(undefined);
  const [slip, setSlip] = useState<number | undefined>(undefined);

  const readOf = (shown: string) => parseLength(shown, unit, { signed: spec.min < 0 });
  const faultOf = (shown: string): string | undefined => {
    if (shown.trim() === '') return required ? `${spec.label} is missing: fill it in.` : undefined;
    const parsed = readOf(shown);
    return parsed.ok ? leafFault(spec, parsed.mm, '', reader)?.sentence : parsed.sentence;
  };
  const take = (shown: string): boolean => {
    if (faultOf(shown) !== undefined) return false;
    const parsed = readOf(shown);
    onChange(parsed.ok ? parsed.mm : undefined);
    if (!parsed.ok || !spec.usual) return true;
    const meant = likelyUnitSlip(parsed.mm, spec.usual);
    if (meant !== undefined && askedAbout.current !== parsed.mm) {
      askedAbout.current = parsed.mm;
      setSlip(meant);
    }
    return true;
  };
  const stored = valueMm === undefined ? '' : editableLength(valueMm, unit);
  const { text, typing, left, onType, onLeave } = useTyped({ stored, take, live });
  const read = readOf(text);
  const wrong = faultOf(text);
  const spoken = text.trim() === '' ? left : !typing || left || isHopeless(text, spec.min < 0);
  const shownTrouble = fault ?? (spoken ? wrong : undefined);
  const correct = (mm: number) => {
    setSlip(undefined);
    onChange(mm);
  };
  const echo =
    read.ok && read.echo && typing
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
        onType={onType}
        onLeave={onLeave}
      />
      {slip !== undefined && read.ok && (
        <Alert severity="warning">
          <p className="small">
            {formatLength(read.mm, 'cm')} ({formatLength(read.mm, 'in')}) is unusual here. Did you mean{' '}
            {formatLength(slip, 'cm')} ({formatLength(slip, 'in')})?
          </p>
          <Button size="small" onClick={() => correct(slip)} sx={{ color: 'inherit' }}>
            Yes, {formatLength(slip, reader)}
          </Button>
          <Button size="small" onClick={() => setSlip(undefined)} sx={{ color: 'inherit' }}>
            No, keep it
          </Button>
        </Alert>
      )}
    </div>
  );
}

/** Text that no further typing can turn into a length: say so at once instead of on leaving. */
const isHopeless = (text: string, signed: boolean): boolean =>
  (!signed && /^\s*[-−]/.test(text)) || /[^\s\d.,/'"⁄½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚a-z″′“”’‘−-]/iu.test(text);
