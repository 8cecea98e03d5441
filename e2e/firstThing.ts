import type { Page } from '@playwright/test';

/** Lines of text between the stages and the first thing that can be done at this one. */
export const linesBefore = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const stages = document.querySelector('nav[aria-label="Stages"]');
    const work = stages?.parentElement;
    if (!stages || !work) throw new Error('expected a garment’s stage, found none');
    const from = stages.getBoundingClientRect().bottom;
    const tops = [
      ...work.querySelectorAll('input, select, textarea, button:not([data-number]), [role=slider]'),
    ]
      .map((one) => one.getBoundingClientRect())
      .filter(({ top, height }) => height > 0 && top >= from)
      .map(({ top }) => top);
    const first = Math.min(...tops);
    const middles: number[] = [];
    const walker = document.createTreeWalker(work, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const text = walker.currentNode;
      if (!text.textContent?.trim() || text.parentElement?.closest('svg')) continue;
      const range = document.createRange();
      range.selectNodeContents(text);
      for (const { top, bottom, height } of range.getClientRects())
        if (height > 0 && top >= from && bottom <= first) middles.push((top + bottom) / 2);
    }
    // Words of two sizes in one line have nearly the same middle.
    return middles
      .toSorted((a, b) => a - b)
      .filter((middle, at, all) => at === 0 || middle - (all[at - 1] as number) > 7).length;
  });
