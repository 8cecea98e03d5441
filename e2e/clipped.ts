import type { Page } from '@playwright/test';

/** Every text of a page that is cut off by the window, by what it stands in, or by its picture's frame. */
export const clippedTexts = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found = new Set<string>();
    const windowWidth = document.documentElement.clientWidth;
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent?.trim() ?? '';
      const parent = node.parentElement;
      if (
        text === '' ||
        !parent ||
        !parent.checkVisibility({ visibilityProperty: true, opacityProperty: true })
      )
        continue;
      if (parent.closest('script, style, option, [aria-hidden="true"] legend')) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      if (box.width < 1 || box.height < 1) continue;
      const name = `${text.slice(0, 60)} (${parent.tagName.toLowerCase()})`;
      let scrolls = false;
      for (let at: Element | null = parent; at && at !== document.body; at = at.parentElement) {
        const style = getComputedStyle(at);
        const frame = at.getBoundingClientRect();
        // Kept for readers of the screen aloud, or pictures that are drawn past their frame on purpose.
        if (frame.width <= 2 || frame.height <= 2) {
          scrolls = true;
          break;
        }
        if (/auto|scroll/.test(style.overflowX)) {
          scrolls = true;
          break;
        }
        const cuts =
          at instanceof SVGSVGElement ? style.overflow !== 'visible' : /hidden|clip/.test(style.overflowX);
        if (!cuts) continue;
        if (style.textOverflow === 'ellipsis' && at.closest('[title]')) {
          scrolls = true;
          break;
        }
        if (box.right > frame.right + 1.5 || box.left < frame.left - 1.5) found.add(`${name} in its frame`);
      }
      if (!scrolls && (box.right > windowWidth + 1 || box.left < -1)) found.add(`${name} by the window`);
    }
    return [...found];
  });
