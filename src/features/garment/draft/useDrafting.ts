'use client';
import { useMemo, useState } from 'react';
import type { Draft } from '@/core/blocks/planDraft';
import { createLedger } from '@/core/explain/ledger';
import type { Explained, Phrase } from '@/core/explain/explained';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { planFitted } from '@/core/plan/planFitted';
import { useGarment } from '../page/useGarment';

/** A choice in a hand, and what it has come to. */
interface Held {
  readonly choice: string;
  readonly mm: number;
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
  /** Chooses, or goes back to what is usual. Whether it can be. */
  readonly choose: (choice: string, mm: number | undefined) => boolean;
}

/** The facts with one choice of the draft set, or taken away. */
const withChoice = (facts: GarmentFacts, choice: string, mm: number | undefined): GarmentFacts => {
  const others = Object.entries(facts.garment.draft?.shaped ?? {}).filter(([id]) => id !== choice);
  const shaped = Object.fromEntries(mm === undefined ? others : [...others, [choice, mm]]);
  return { ...facts, garment: { ...facts.garment, draft: { ...facts.garment.draft, shaped } } };
};

/** The garment's draft in the hand. */
export function useDrafting(): Drafting {
  const { facts, kind, today, set } = useGarment();
  const [held, setHeld] = useState<Held | undefined>(undefined);
  const [stopped, setStopped] = useState<Stopped | undefined>(undefined);
  const drafted = (given: GarmentFacts) => {
    const book = createLedger();
    return { draft: planFitted(book, given, kind, today).draft, numbers: book.numbers };
  };
  const shown = useMemo(() => {
    const given = held ? withChoice(facts, held.choice, held.mm) : facts;
    return planFitted(createLedger(), given, kind, today).draft;
  }, [facts, held, kind, today]);
  /** Whether a draft with this choice is sound; else why not is kept to be told. */
  const isSound = (choice: string, mm: number | undefined): boolean => {
    const { draft, numbers } = drafted(withChoice(facts, choice, mm));
    const faults = draft?.plan.faults ?? [];
    setStopped(faults.length > 0 ? { faults, numbers } : undefined);
    return faults.length === 0;
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
      if (isSound(choice, mm)) setHeld({ choice, mm });
    },
    letGo: () => {
      if (held) store(held.choice, held.mm);
      setHeld(undefined);
    },
    choose: (choice, mm) => {
      const sound = isSound(choice, mm);
      if (sound) store(choice, mm);
      return sound;
    },
  };
}
