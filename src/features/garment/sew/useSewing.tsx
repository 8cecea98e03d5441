'use client';
import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { wholeSetup } from '@/core/machines/machineFields';
import type { Setup } from '@/core/facts/setup';
import { machinesFor } from '@/core/sewing/machinesFor';
import { stepSetup } from '@/core/sewing/stepSetup';
import type { SewingPlan, StepPlan } from '@/core/sewing/types';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { useRecords } from '@/features/records/RecordsProvider';
import { NumbersProvider } from '@/ui/numbers';
import type { SewingAnswers } from '@/workers/sewing';
import { useGarment } from '../page/useGarment';
import { SewingClient } from './sewingClient';

interface SewingState {
  readonly sewing: SewingPlan;
  /** A newer answer is being worked out. */
  readonly stale: boolean;
  readonly client: SewingClient;
  /** Ticks a step, or takes its tick away; the machine then stands as it was sewn, and the place is kept. */
  readonly tick: (
    step: StepPlan,
    done: boolean,
    at?: { minutes?: number | undefined; next?: string | undefined },
  ) => void;
}

interface Provided {
  readonly state: SewingState | undefined;
  readonly fault: string | undefined;
}

const SewingContext = createContext<Provided | undefined>(undefined);

/** The sewing plan. Throws where there is none yet (misuse: render inside `WhenPlanned`). */
export function useSewing(): SewingState {
  const state = useContext(SewingContext)?.state;
  if (!state) throw new Error('expected a sewing plan, got none; render inside WhenPlanned');
  return state;
}

/** What needs the sewing plan, once it is there. */
export function WhenPlanned({ quiet = false, children }: { quiet?: boolean; children: ReactNode }) {
  const provided = useContext(SewingContext);
  if (!provided) throw new Error('expected a SewingProvider above, got none; wrap the page in one');
  const { state, fault } = provided;
  if (state) return <NumbersProvider numbers={state.sewing.numbers}>{children}</NumbersProvider>;
  if (quiet) return null;
  return (
    <p role="status" className="soft">
      {fault ?? 'Working out the order on your machines.'}
    </p>
  );
}

/** A client that is let go with the page; made anew where the page comes back. */
function useClient(): SewingClient {
  const [client] = useState(() => new SewingClient());
  useEffect(() => () => client.close(), [client]);
  return client;
}

/** How a machine stood before its first step of this garment: as noted, else as such a machine usually does. */
function stoodOf(facts: GarmentFacts, machineId: string): Setup | undefined {
  const machine = machinesFor(facts)[machineId];
  return machine && wholeSetup(machine.kind, machine.present);
}

/** An answer of the worker for what is asked now; older ones are dropped. */
export function useAnswer<K extends keyof SewingAnswers>(
  ask: () => Promise<SewingAnswers[K]> | undefined,
  on: readonly unknown[],
): {
  readonly answer: SewingAnswers[K] | undefined;
  readonly fault: string | undefined;
  readonly waiting: boolean;
} {
  const [state, setState] = useState<{ answer?: SewingAnswers[K]; fault?: string; of?: readonly unknown[] }>(
    {},
  );
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    let live = true;
    latest.current()?.then(
      (answer) => live && setState({ answer, of: on }),
      (error: unknown) =>
        live && setState({ fault: error instanceof Error ? error.message : String(error), of: on }),
    );
    return () => {
      live = false;
    };
    // The question is asked anew when what it is about changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, on);
  const current = state.of !== undefined && state.of.every((one, at) => one === on[at]);
  return { answer: state.answer, fault: state.fault, waiting: !current };
}

/** Works the order out in a worker, for the facts as they are now, and shows the last one meanwhile. */
export function SewingProvider({ children }: { children: ReactNode }) {
  const { facts, garment, today, set } = useGarment();
  const records = useRecords();
  const client = useClient();
  const { answer, fault, waiting } = useAnswer<'sew'>(
    () => client.ask({ ask: 'sew', facts, onDate: today }),
    [client, facts, today],
  );
  const state = useMemo<SewingState | undefined>(() => {
    if (!answer) return undefined;
    const tick: SewingState['tick'] = (step, done, { minutes, next } = {}) => {
      const settled = Object.fromEntries(
        done && Object.keys(garment.sewn).length === 0
          ? answer.ways.map(({ alternative, chosen }) => [`ways.${alternative.id}`, chosen])
          : [],
      );
      const { followed = {} } = garment;
      const { ids } = answer.order;
      const keeps = ids.every(
        (one, at) =>
          followed[one] !== undefined &&
          (at === 0 || (followed[one] ?? 0) > (followed[ids[at - 1] ?? ''] ?? 0)),
      );
      const begun = done && !keeps && !answer.own;
      const stands = done ? stepSetup(answer, step) : undefined;
      const own = stands && records.record('machine', stands.machineId) !== undefined;
      const number = answer.steps.findIndex(({ id }) => id === step.id) + 1;
      set(`Step ${number} ${done ? 'done' : 'not done'}`, {
        ...(next === undefined ? {} : { atStep: next }),
        ...settled,
        ...(stands && garment.stoodBefore?.[stands.machineId] === undefined
          ? { [`stoodBefore.${stands.machineId}`]: stoodOf(facts, stands.machineId) }
          : {}),
        ...(begun ? { followed: Object.fromEntries(ids.map((one, at) => [one, at])) } : {}),
        [`sewn.${step.id}`]: done
          ? {
              doneOn: today,
              ...(minutes === undefined ? {} : { minutes }),
              ...(step.stitch ? { stitch: step.stitch } : {}),
            }
          : null,
        ...(stands && !own ? { [`stands.${stands.machineId}`]: stands.setup } : {}),
      });
      if (stands && own) records.set('machine', stands.machineId, 'Present setup', { present: stands.setup });
    };
    return { sewing: answer, stale: waiting, client, tick };
  }, [answer, waiting, client, facts, garment, records, set, today]);
  const provided = useMemo(() => ({ state, fault }), [state, fault]);
  return <SewingContext value={provided}>{children}</SewingContext>;
}
