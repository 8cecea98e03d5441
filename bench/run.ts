import { browserFigures } from './browser';
import { formulaRatio } from './formulas';
import { dragTimes, garmentLengths, jigsawUse } from './layouts';
import { listRatio } from './lists';
import { logMs } from './log';
import { firstBytes } from './pages';
import { paperSeconds } from './paper';
import { alteredMs, draftedMs, firstPieceMs, pieceMs } from './pieces';
import { FRAME_MS, edgesPerFrame, largestPerFrame, plansPerFrame, zoneMs } from './plans';
import { changeoverRatio, orderMs, sewingMs, togetherSeconds } from './sewing';
import { stripsSeconds } from './strips';

/** Prints every figure as a ratio against its stated baseline. Never a test: machines differ. */
const line = (what: string, figure: string, aim: string) =>
  console.log(`${what.padEnd(64)} ${figure.padStart(10)}   aim ${aim}`);
const two = (value: number) => value.toFixed(2);

line('whole tee plans in a frame of 16.7 ms', plansPerFrame().toFixed(1), '16 or more');
const largest = largestPerFrame();
line(
  `whole plans of the largest garment (${largest.kind}) in a frame`,
  largest.perFrame.toFixed(1),
  '8 or more',
);
const edges = edgesPerFrame();
line(`all edges of the largest garment (${edges.kind}) in a frame`, edges.perFrame.toFixed(1), '16 or more');
line('one zone under every school, median, over 0.2 ms', two(zoneMs() / 0.2), 'under 1');
line('formulas read from text over the same written by hand', two(formulaRatio()), 'under 3');
line('listing 2,000 garments over listing 20', two(listRatio()), 'under 2');
line('first results in a log of 10,000 notes, for each key, over 50 ms', two(logMs() / 50), 'under 1');
line('a point of a tee moved: measured and walked, over 5 ms', two(pieceMs() / 5), 'under 1');
line('a tee’s outlines read, measured and walked, over 5 ms', two(firstPieceMs() / 5), 'under 1');
line(
  'a tee altered to the plan while a slider moves, over a frame of 16 ms',
  two(alteredMs() / 16),
  'under 1',
);
const drafted = draftedMs();
line(
  `${drafted.kind} drafted, walked, and its strain while a slider moves, over 8 ms`,
  two(drafted.ms / 8),
  'under 1',
);
const order = orderMs();
line(`best order of ${order.kind}, ${order.steps} steps, over 200 ms`, two(order.ms / 200), 'under 1');
line('whole sewing plan of the slowest garment, over 200 ms', two(sewingMs() / 200), 'under 1');
const together = togetherSeconds();
line(
  `two garments together, ${together.steps} steps, over 2 s${together.proved ? '' : ', handling not proved'}`,
  two(together.seconds / 2),
  'under 1',
);
line('changing over, best orders over written ones', two(changeoverRatio()), 'under 1');
const jigsaws = jigsawUse();
line('use of cloth on jigsaws after 1 s on one core, median', two(jigsaws.after1), '0.85 on two');
line('use of cloth on jigsaws after 10 s on one core, median', two(jigsaws.after10), '0.92 on two');
line('first layout of 12 to 20 pieces, the slowest, over 0.3 s', two(jigsaws.firstSeconds / 0.3), 'under 1');
const lengths = garmentLengths();
line(
  `length of ${lengths.many} drawn garments over a rectangle packer’s, median`,
  two(lengths.overRectangles),
  '0.85 or less',
);
line(
  'the same over the least there can be (area, tallest piece), median',
  two(lengths.overLeast),
  '1.15 or less',
);
const drags = dragTimes();
line(
  'a move of a dragged piece among 60 over a frame (16.7 ms), mean',
  two(drags.meanMs / FRAME_MS),
  'under 1',
);
line('the same, the longest', two(drags.worstMs / FRAME_MS), 'under 1');
void onPaper();
if (!process.argv.includes('--quick')) void inTheBrowser();

async function onPaper(): Promise<void> {
  const strips = await stripsSeconds();
  line(`marking strips, ${strips.sheets} sheets of PDF, over 1 s`, two(strips.seconds), 'under 1');
  const { seconds, sheets } = await paperSeconds();
  line(`all pieces, ${sheets} sheets of PDF, planned, laid and written, over 1 s`, two(seconds), 'under 1');
}

/** What only the built product can tell, one after another. */
async function inTheBrowser(): Promise<void> {
  const { typing, sliding, dragging, photoSeconds, layoutTaskMs, scriptKb, demoSeconds } =
    await browserFigures();
  line('key press to paint, share of a frame, median', two(typing.median), 'under 1');
  line('key press to paint, share of a frame, 95th percentile', two(typing.high), 'under 2');
  line('slider move to paint, share of a frame, median', two(sliding.median), 'under 1');
  line('slider move to paint, share of a frame, 95th percentile', two(sliding.high), 'under 2');
  line('a point of 21 traced outlines dragged to paint, of a frame, median', two(dragging.median), 'under 1');
  line('the same, 95th percentile', two(dragging.high), 'under 2');
  line('a photo of 12 megapixels on the table, over 2 s', two(photoSeconds / 2), 'under 1');
  line(
    'laying out, dragging and keeping: the page’s longest task over 50 ms',
    two(layoutTaskMs / 50),
    'under 1',
  );
  line('JavaScript of the garment page over 250 kB, gzipped', two(scriptKb / 250), '1 or less');
  line('bin/demo on an installed tree to its first page, over 1 s', two(demoSeconds), 'small');
  for (const [copies, aimMs] of [
    [0, 60],
    [2000, 90],
  ] as const) {
    const { slowest, ms } = await firstBytes(copies);
    line(`first byte, ${copies} copies, ${slowest}, over ${aimMs} ms`, two(ms / aimMs), '1 or less');
  }
}
