'use client';
import { useId } from 'react';
import styles from './ChoiceRow.module.css';

interface Props<V extends string> {
  readonly legend: string;
  readonly value: V | undefined;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly onChange: (value: V) => void;
}

/** A choice between a few things, all in sight. */
export function ChoiceRow<V extends string>({ legend, value, options, onChange }: Props<V>) {
  const name = useId();
  return (
    <fieldset className={styles.group}>
      <legend className={styles.legend}>{legend}</legend>
      <div className={styles.options}>
        {options.map((option) => (
          <label key={option.value} className={styles.option}>
            <input
              type="radio"
              name={name}
              checked={option.value === value}
              onChange={() => onChange(option.value)}
            />
            <span>{option.label}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
