import 'server-only';
import { setTimeout as wait } from 'node:timers/promises';
import { getDatabase } from './database';
import { nowOf } from './kept';
import { wantsOf } from './rolls';
import { garmentLines } from './views';

/** So long one garment after another is worked out before whoever asks for a page is let in, ms. */
const AT_ONCE_MS = 8;
const PAUSE_MS = 8;
/** What a new day or another program changed is noticed within this, ms. */
const AGAIN_AFTER_MS = 60_000;

/** Works out what lists and the shelf need of every garment, a little at a time, while the server has nothing to do. */
export async function keepWarm(): Promise<never> {
  for (;;) {
    await once().catch((error: unknown) => console.error('Lists could not be worked out ahead:', error));
    await wait(AGAIN_AFTER_MS, undefined, { ref: false });
  }
}

async function once(): Promise<void> {
  const db = getDatabase();
  garmentLines(db);
  let since = performance.now();
  for (const id of nowOf(db).revisions.garment.keys()) {
    wantsOf(nowOf(db), id);
    if (performance.now() - since < AT_ONCE_MS) continue;
    await wait(PAUSE_MS);
    since = performance.now();
  }
}
