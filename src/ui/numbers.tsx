'use client';
import { createContext, useContext, type ReactNode } from 'react';
import type { Explained } from '@/core/explain/explained';

export type Numbers = Readonly<Record<string, Explained>>;

const NumbersContext = createContext<Numbers>({});

/** The numbers of the plan that is on the page, so that any of them can be shown and explained by id. */
export function NumbersProvider({ numbers, children }: { numbers: Numbers; children: ReactNode }) {
  return <NumbersContext value={numbers}>{children}</NumbersContext>;
}

export const useNumbers = (): Numbers => useContext(NumbersContext);

/** A number's value by id. Throws when the plan has none (misuse). */
export function valueOf(numbers: Numbers, id: string): number {
  const number = numbers[id];
  if (!number) throw new Error(`expected a number with id "${id}", got none; is it in this plan?`);
  return number.value;
}
