import type { Page } from './test';
import type { Hands } from './hands';

/** Says how a place sits: chosen among the places, as by tapping it, and answered. */
export async function say(
  page: Page,
  hands: Pick<Hands, 'pick'>,
  place: string,
  outcome: string,
): Promise<void> {
  const among = page.getByLabel('Places', { exact: true });
  await among.getByRole('button', { name: new RegExp(`^${place}`) }).focus();
  await page.keyboard.press('Enter');
  await hands.pick('How it sits there', outcome);
}
