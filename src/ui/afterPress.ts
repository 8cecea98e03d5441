'use client';

let pressed = false;
const waiting: (() => void)[] = [];

if (typeof window !== 'undefined') {
  const release = () => {
    pressed = false;
    for (const run of waiting.splice(0)) run();
  };
  window.addEventListener('mousedown', () => (pressed = true), true);
  for (const end of ['mouseup', 'dragend', 'keydown', 'pagehide'])
    window.addEventListener(end, release, true);
}

/**
 * Runs at once; or, while the mouse is down, as it comes up, before the click counts. A field is left as a button is
 * pressed: were the page to change at that moment, the button could move away from under the finger.
 */
export function afterPress(run: () => void): void {
  if (pressed) waiting.push(run);
  else run();
}
