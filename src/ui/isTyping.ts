/** Inputs in which no letter is typed: keys pressed on them may mean something to the page. */
const WITHOUT_LETTERS: ReadonlySet<string> = new Set([
  'range',
  'radio',
  'checkbox',
  'button',
  'submit',
  'file',
]);

/** Whether keys pressed here belong to a field that is being typed in, so that they may mean nothing else. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !WITHOUT_LETTERS.has(target.type);
  return target.isContentEditable || target.matches('textarea, select');
}
