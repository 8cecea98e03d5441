'use client';
import type { ComponentProps } from 'react';
import { TextBox } from './TextBox';
import { useStable } from './useStable';

const nothing = (): void => undefined;

/** A text of a form that is sent as a whole: it counts when the form is sent, not when the field is left. */
export function DraftBox({ onType, ...box }: Omit<ComponentProps<typeof TextBox>, 'onLeave'>) {
  return <TextBox {...box} onType={useStable(onType)} onLeave={nothing} />;
}
