'use client';
import { valueAt } from '@/core/facts/change';
import type { RecordKind } from '@/core/facts/records';
import { isOptional, type LeafSpec } from '@/core/facts/spec';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import { Tick } from '@/ui/Tick';
import { isLeaf, specAt } from './factPaths';
import { useRecords } from './RecordsProvider';
import { TextFactField } from './TextFactField';

export interface FactFieldProps {
  readonly kind: RecordKind;
  readonly id: string;
  /** Where in the record it stands, such as `layers.one.around`. */
  readonly path: string;
  readonly label?: string | undefined;
  /** Instead of the sentence of its description. */
  readonly help?: string | undefined;
  /** Any choice as a list that opens. */
  readonly compact?: boolean;
}

/** A choice of more than these is a list that opens. */
const MOST_IN_SIGHT = 5;
/** Texts that may be longer than this get several lines. */
const ONE_LINE_CHARS = 300;

/** One field of a record, as its description has it: label, range, choices and help stand in `facts`, nowhere else. */
export function FactField({ kind, id, path, label, help, compact = false }: FactFieldProps) {
  const records = useRecords();
  const spec = specAt(kind, path);
  if (!isLeaf(spec)) throw new Error(`expected one field at "${path}" of a ${kind}, got ${spec.kind}`);
  const required = !isOptional(spec);
  const onChange = (value: unknown) => {
    const next = value === undefined || value === '' ? null : value;
    if (next === null && required) return;
    records.set(kind, id, spec.label, { [path]: next });
  };
  const value = valueAt(records.facts(kind, id), path);
  const own = { ...(label === undefined ? {} : { label }), fault: records.fault(kind, id, path) };
  return control(spec, value, onChange, { ...own, required, compact, help });
}

interface Words {
  readonly label?: string;
  readonly help: string | undefined;
  readonly fault: string | undefined;
  readonly required: boolean;
  readonly compact: boolean;
}

function control(
  spec: LeafSpec,
  value: unknown,
  onChange: (value: unknown) => void,
  { required, compact, help, ...words }: Words,
) {
  const beneath = help ?? ('help' in spec ? spec.help : undefined);
  const said = beneath === undefined ? {} : { help: beneath };
  switch (spec.kind) {
    case 'number': {
      const shared = { spec, onChange, required, ...words, ...said };
      const number = value as number | undefined;
      return spec.quantity === 'lengthMm' ? (
        <LengthField {...shared} valueMm={number} alwaysMm={spec.thin === true} />
      ) : (
        <NumberField {...shared} value={number} />
      );
    }
    case 'text':
    case 'date': {
      return (
        <TextFactField
          spec={spec}
          value={value as string | undefined}
          onChange={onChange}
          multiline={spec.kind === 'text' && spec.maxChars > ONE_LINE_CHARS}
          fault={words.fault}
          {...said}
        />
      );
    }
    case 'choice': {
      const name = words.label ?? spec.label;
      return compact || spec.options.length > MOST_IN_SIGHT ? (
        <PickField
          label={name}
          value={(value as string | undefined) ?? ''}
          options={spec.options.map((one) => ({ id: one, name: one }))}
          empty="choose"
          fault={words.fault}
          onChange={onChange}
        />
      ) : (
        <ChoiceRow
          legend={name}
          value={value as string | undefined}
          options={spec.options.map((one) => ({ value: one, label: one }))}
          onChange={onChange}
        />
      );
    }
    case 'flag':
      return spec.answers ? (
        <ChoiceRow
          legend={words.label ?? spec.label}
          value={value === true ? 'yes' : 'no'}
          options={[
            { value: 'no', label: spec.answers[0] },
            { value: 'yes', label: spec.answers[1] },
          ]}
          onChange={(answer) => onChange(answer === 'yes' ? true : undefined)}
        />
      ) : (
        <Tick checked={value === true} onChange={(ticked) => onChange(ticked ? true : undefined)}>
          {words.label ?? spec.label}
        </Tick>
      );
    default:
      throw new Error(
        `expected a field to fill in, got one of kind ${spec.kind}: choose it from a list instead`,
      );
  }
}
