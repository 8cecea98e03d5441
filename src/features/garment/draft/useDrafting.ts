'use client';
import { useMemo, useState } from 'react';
import type { Draft } from '@/core/blocks/planDraft';
import { createLedger } from '@/core/explain/ledger';
import type { Explained, Phrase } from '@/core/explain/explained';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { draftOf } from '@/core/plan/asCut';
import { planFitted } from '@/core/plan/planFitted';
import { useGarment } from '../page/useGarment';

/** A choice in a hand, how far it has come, and the draft that it makes. */
interface Held {
  readonly choice: string;
  readonly mm: number;
  readonly draft: Draft;
}

interface Stopped {
  readonly faults: readonly Phrase[];
  readonly numbers: Readonly<Record<string, Explained>>;
}

interface Drafting {
  /** As it is shown: with what is held, as far as that can be drafted. */
  readonly draft: Draft | undefined;
  readonly held: Held | undefined;
  /** Why what was held or typed last could not be. */
  readonly stopped: Stopped | undefined;
  /** While a handle is moved; where it cannot be, it stays where it was. */
  readonly hold: (choice: string, mm: number) => void;
  readonly letGo: () => void;
  /** Chooses, or goes back to what is usual, where that can be. */
  readonly choose: (choice: string, mm: number | undefined) => void;
}

/** The facts with one choice of the draft set, or taken away. */
export const withChoice = (facts: GarmentFacts, choice: string, mm: number | undefined): GarmentFacts => {
  const others = Object.entries(facts.garment.draft?.shaped ?? {}).filter(([id]) => id !== choice);
  const shaped = Object.fromEntries(mm === undefined ? others : [...others, [choice, mm]]);
  return { ...facts, garment: { ...facts.garment, draft: { ...facts.garment.draft, shaped } } };
};

/** The garment's draft in the hand. */
export function useDrafting(): Drafting {
  const { facts, kind, today, set } = useGarment();
  const [held, setHeld] = useState<Held | undefined>(undefined);
  const [stopped, setStopped] = useState<Stopped | undefined>(undefined);
  const own = useMemo(() => draftOf({ facts, kind, onDate: today }), [facts, kind, today]);
  const shown = held?.draft ?? own;
  /** The draft with this choice, where it is sound; else why not is kept to be told. */
  const soundWith = (choice: string, mm: number | undefined): Draft | undefined => {
    const book = createLedger();
    const { draft } = planFitted(book, withChoice(facts, choice, mm), kind, today);
    const faults = draft?.plan.faults ?? [];
    setStopped(faults.length > 0 ? { faults, numbers: book.numbers } : undefined);
    return faults.length > 0 ? undefined : draft;
  };
  const store = (choice: string, mm: number | undefined) => {
    const label = shown?.choices.find(({ id }) => id === choice)?.label ?? 'shape';
    set(`Draft: ${label}`, { [`draft.shaped.${choice}`]: mm ?? null });
  };
  return {
    draft: shown,
    held,
    stopped,
    hold: (choice, mm) => {
      const draft = soundWith(choice, mm);
      if (draft) setHeld({ choice, mm, draft });
    },
    letGo: () => {
      if (held) store(held.choice, held.mm);
      setHeld(undefined);
    },
    choose: (choice, mm) => {
      if (soundWith(choice, mm)) store(choice, mm);
    },
  };
}
