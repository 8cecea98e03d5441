'use client';
import Alert from '@mui/material/Alert';
import type { Machine } from '@/core/facts/machine';
import { setupSpec, type Setup, type SetupField } from '@/core/facts/setup';
import { stitchIds } from '@/core/facts/stitchIds';
import { capabilityOf, outOfRange, whyNot } from '@/core/machines/capability';
import { fieldsOf } from '@/core/machines/machineFields';
import { stitches } from '@/core/machines/seams/stitches';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import styles from './MachinePage.module.css';

interface Props {
  readonly machine: Machine;
  readonly setup: Setup;
  readonly onSet: (field: SetupField, value: string | number | undefined) => void;
  readonly fault?: (field: SetupField) => string | undefined;
}

/** Every dial and part of a machine, in the order in which hands set them. */
export function SetupForm({ machine, setup, onSet, fault }: Props) {
  const trouble = outOfRange(machine, capabilityOf(machine), setup);
  return (
    <>
      <div className={styles.fields}>
        {fieldsOf(machine.kind).map((field) => {
          const spec = setupSpec.fields[field];
          if (spec.kind === 'number') {
            return (
              <NumberField
                key={field}
                spec={spec}
                value={setup[field] as number | undefined}
                onChange={(value) => onSet(field, value)}
                fault={fault?.(field)}
              />
            );
          }
          const options =
            field === 'stitch'
              ? stitchIds
                  .filter(
                    (id) => whyNot({ ...machine, broken: undefined } as unknown as Machine, id) === undefined,
                  )
                  .map((id) => ({ id: id as string, name: stitches[id].name }))
              : spec.options.map((one) => ({ id: one as string, name: one as string }));
          return (
            <PickField
              key={field}
              label={spec.label}
              value={(setup[field] as string | undefined) ?? ''}
              empty="not known"
              options={options}
              onChange={(value) => onSet(field, value === '' ? undefined : value)}
              fault={fault?.(field)}
            />
          );
        })}
      </div>
      {trouble && <Alert>{trouble}</Alert>}
    </>
  );
}
