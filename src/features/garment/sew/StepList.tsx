'use client';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useId } from 'react';
import { phraseText } from '@/core/explain/display';
import type { StepPlan } from '@/core/sewing/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import styles from './SewStage.module.css';
import { StepBody } from './StepBody';
import { useSewing } from './useSewing';

interface Props {
  readonly opened: string | undefined;
  readonly onOpen: (id: string | undefined) => void;
}

/** Every step in its order; those that are left can be dragged, by hand or with the arrow keys. */
export function StepList({ opened, onOpen }: Props) {
  const { set } = useGarment();
  const { sewing } = useSewing();
  const dragId = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const left = sewing.steps.filter((step) => !step.done).map(({ id }) => id);
  const open = opened ?? left[0];
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const moved = arrayMove(left, left.indexOf(String(active.id)), left.indexOf(String(over.id)));
    set('Own order', { order: Object.fromEntries(moved.map((id, at) => [id, at])) });
  };
  return (
    <DndContext id={dragId} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={left} strategy={verticalListSortingStrategy}>
        <ol className={page.list}>
          {sewing.steps.map((step, at) => (
            <Step
              key={step.id}
              step={step}
              at={at}
              open={step.id === open}
              onOpen={() => onOpen(step.id)}
              onDone={() => onOpen(undefined)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface StepProps {
  readonly step: StepPlan;
  readonly at: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onDone: () => void;
}

function Step({ step, at, open, onOpen, onDone }: StepProps) {
  const { sewing, tick } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
    disabled: step.done,
  });
  const done = (now: boolean) => {
    tick(step, now);
    if (now) onDone();
  };
  return (
    <li
      ref={setNodeRef}
      className={styles.step}
      style={{
        transform: CSS.Translate.toString(transform),
        transition,
        position: 'relative',
        zIndex: isDragging ? 2 : undefined,
      }}
      data-open={open}
      data-done={step.done}
      data-step={step.id}
    >
      <div className={styles.head}>
        {step.done ? (
          <span />
        ) : (
          <button
            type="button"
            className={styles.grip}
            {...attributes}
            {...listeners}
            aria-label={`Move step ${at + 1}`}
          >
            <svg viewBox="0 0 12 18" width="12" height="18" fill="currentColor" aria-hidden="true">
              <path d="M2 2h2v2H2zM8 2h2v2H8zM2 8h2v2H2zM8 8h2v2H8zM2 14h2v2H2zM8 14h2v2H8z" />
            </svg>
          </button>
        )}
        <input
          type="checkbox"
          aria-label={`Step ${at + 1} is done`}
          checked={step.done}
          onChange={(event) => done(event.target.checked)}
        />
        {open ? (
          <h3 className={styles.title}>
            <span>
              {at + 1}. <PhraseText phrase={step.title} />
            </span>
          </h3>
        ) : (
          <button type="button" className={styles.title} aria-expanded={false} onClick={onOpen}>
            <span>
              {at + 1}. {phraseText(step.title, numbers, unit)}
            </span>
          </button>
        )}
        <span className={styles.meta}>
          {sewing.stations[step.station]}
          {step.changeMinutes > 0 && <span className={styles.change}> · change first</span>}
          {step.row && !step.row.ok && <span className={styles.change}> · will pop</span>}
          <br />
          <ExplainedNumber id={step.minutes} />
        </span>
      </div>
      {open && <StepBody step={step} onDone={() => done(true)} />}
    </li>
  );
}
