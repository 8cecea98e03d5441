/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { catalogue } from '@/core/garments/catalogue';
import type { OutlineFacts } from '@/core/facts/outline';
import { practiceTee } from '@/core/pieces/practice';
import { withNotches } from '@/core/pieces/notches';
import { readOutline } from '@/core/pieces/outline';
import { UnitProvider } from '@/ui/unit';
import { EdgesPanel } from './EdgesPanel';
import { NotchesPanel } from './NotchesPanel';
import { OutlinePanel } from './OutlinePanel';
import type { Finding } from './useFinding';
import { PhotoChecks } from './PhotoChecks';

const shape = catalogue.tee.shapes[0];
if (!shape) throw new Error('expected the front of a tee, got none');
const bare: OutlineFacts = {
  ...practiceTee.front,
  ring: practiceTee.front.ring.map(({ edge: _, ...knot }) => knot),
};
const isOff = (name: string): boolean => screen.getByRole<HTMLButtonElement>('button', { name }).disabled;
const keep = jest.fn<void, [string, OutlineFacts | undefined]>();
beforeEach(() => keep.mockClear());

const edges = (outline: OutlineFacts, more: Partial<Parameters<typeof EdgesPanel>[0]> = {}) =>
  render(
    <UnitProvider initial="cm">
      <EdgesPanel
        shape={shape}
        outline={outline}
        plan={undefined}
        naming={shape.edges[0]}
        onName={() => undefined}
        selected={undefined}
        allowanceOf={() => 6}
        cornersOf={() => 'square'}
        onKeep={keep}
        {...more}
      />
    </UnitProvider>,
  );

test('the edge that is asked for is said, and all are named from the corner that is chosen', async () => {
  edges(bare, { selected: 0 });
  expect(screen.getByText(/Click the point where/).textContent).toContain('neckline');
  await userEvent.click(screen.getByRole('button', { name: 'Name all, clockwise' }));
  expect(keep).toHaveBeenCalledTimes(1);
  expect(keep.mock.lastCall?.[1]?.ring).toEqual(practiceTee.front.ring);
});

test('without a corner chosen nothing is named; a curve point is no corner', () => {
  const { unmount } = edges(bare);
  expect(isOff('Name all, clockwise')).toBe(true);
  unmount();
  edges(bare, { selected: 1 });
  expect(isOff('Name all, clockwise')).toBe(true);
});

test('an allowance typed at an edge is kept for it; emptied, the usual one counts again', async () => {
  edges(practiceTee.front, { naming: undefined });
  await userEvent.click(screen.getByText('Allowances drawn on it'));
  const field = screen.getByLabelText('shoulder (cm)');
  expect((field as HTMLInputElement).value).toBe('0.6');
  await userEvent.clear(field);
  await userEvent.type(field, '1');
  await userEvent.tab();
  expect(keep.mock.lastCall?.[1]?.edges).toEqual({ shoulder: { allowanceMm: 10 } });
});

test('how the cut line turns at an edge is said where the seamline was traced, and the usual is named', async () => {
  const { unmount } = edges({ ...practiceTee.front, drawn: 'cut line' }, { naming: undefined });
  expect(screen.queryAllByText('Corners of the cut line')).toHaveLength(0);
  unmount();
  edges(practiceTee.front, { naming: undefined });
  await userEvent.click(screen.getByText('Corners of the cut line'));
  const hem = screen.getAllByLabelText('hem').find((one) => one.tagName === 'SELECT') as HTMLSelectElement;
  expect(hem.selectedOptions[0]?.textContent).toBe('as usual: square');
  await userEvent.selectOptions(hem, 'mirrored');
  expect(keep.mock.lastCall?.[1]?.edges).toEqual({ hem: { corners: 'mirrored' } });
});

const ask = jest.fn();
const outline = (
  facts: OutlineFacts | undefined,
  selected?: number,
  under: 'a photo' | 'a drawing' | 'nothing' = 'a photo',
  finding: Partial<Finding> = {},
) =>
  render(
    <UnitProvider initial="in">
      <OutlinePanel
        under={under}
        finding={{ now: undefined, trouble: undefined, ask, stop: ask, find: ask, ...finding }}
        outline={facts}
        drawn="cut line"
        onDrawn={() => undefined}
        corner
        onCorner={() => undefined}
        selected={selected}
        onKeep={keep}
        onClose={() => undefined}
      />
    </UnitProvider>,
  );

test('what to do next is said as the outline grows, and it closes with three points', () => {
  const { unmount } = outline(undefined);
  expect(screen.queryAllByText(/Click the first corner of the piece/)).toHaveLength(1);
  expect(isOff('Close the outline')).toBe(true);
  unmount();
  outline({ ...bare, ring: bare.ring.slice(0, 3), unfinished: true });
  expect(screen.queryAllByText(/click the first point again to close it/)).toHaveLength(1);
  expect(isOff('Close the outline')).toBe(false);
});

test('on a photo the outline can be found by itself: asked for, at work, or why it was not', async () => {
  const { unmount } = outline(undefined);
  await userEvent.click(screen.getByRole('button', { name: 'Find the outline' }));
  expect(ask).toHaveBeenCalledTimes(1);
  unmount();
  const asked = outline(undefined, undefined, 'a photo', { now: 'asks' });
  expect(screen.queryAllByText(/^Click anywhere inside the piece/)).toHaveLength(1);
  expect(screen.queryAllByText(/The next click sets/)).toHaveLength(0);
  asked.unmount();
  const busy = outline(undefined, undefined, 'a photo', { now: 'works' });
  expect(screen.queryAllByText('Looking for its edge…')).toHaveLength(1);
  busy.unmount();
  outline(undefined, undefined, 'a photo', { trouble: 'Nothing stands out.' });
  expect(screen.getByRole('alert').textContent).toBe('Nothing stands out.');
});

test('without a photo the scale of the bare table is said in the reader’s unit', () => {
  outline(undefined, undefined, 'nothing');
  expect(screen.queryAllByText(/squares are 3 15\/16/)).toHaveLength(1);
});

test('over a drawing the next click follows its lines, and nothing is looked for in a photo', () => {
  outline(undefined, undefined, 'a drawing');
  expect(screen.queryAllByText(/between two clicks on one line the line is followed/)).toHaveLength(1);
  expect(screen.queryAllByRole('button', { name: 'Find the outline' })).toHaveLength(0);
});

test('a point that is chosen is typed in inches and kept in millimetres, turned, or taken away', async () => {
  outline(practiceTee.front, 0);
  const down = screen.getByLabelText('Down (in)');
  await userEvent.clear(down);
  await userEvent.type(down, '4');
  await userEvent.tab();
  expect(keep.mock.lastCall?.[1]?.ring[0]).toMatchObject({ x: 0, y: 101.6 });
  await userEvent.click(screen.getByRole('button', { name: 'Make it a curve point' }));
  expect(keep.mock.lastCall?.[1]?.ring[0]).not.toHaveProperty('corner');
  await userEvent.click(screen.getByRole('button', { name: 'Take the point away' }));
  expect(keep.mock.lastCall?.[1]?.ring).toHaveLength(practiceTee.front.ring.length - 1);
});

const checks = (length: number) =>
  render(
    <UnitProvider initial="cm">
      <PhotoChecks
        pair={{
          what: 'distance',
          points: [
            { x: 0, y: 0 },
            { x: length, y: 0 },
          ],
        }}
        onPair={() => undefined}
        grainRad={undefined}
        hasFold={false}
        onGrain={undefined}
        onPhoto
      />
    </UnitProvider>,
  );

test.each([
  [505, /within 1\.0 %/],
  [506, /1\.2 % off/],
  [494, /1\.2 % off/],
])('a distance of 50 cm that measures %d mm', async (mm, words) => {
  checks(mm);
  await userEvent.type(screen.getByLabelText('In truth it is (cm)'), '50');
  await userEvent.tab();
  expect(screen.queryAllByText(words)).toHaveLength(1);
});

test('two points along the grain tell how far it leans, clockwise from upright', async () => {
  const grain = jest.fn<void, [number]>();
  render(
    <UnitProvider initial="cm">
      <PhotoChecks
        pair={{
          what: 'grain',
          points: [
            { x: 0, y: 0 },
            { x: -100, y: 100 },
          ],
        }}
        onPair={() => undefined}
        grainRad={undefined}
        hasFold={false}
        onGrain={grain}
        onPhoto={false}
      />
    </UnitProvider>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Take this as the grain' }));
  expect(grain.mock.lastCall?.[0]).toBeCloseTo(Math.PI / 4, 9);
});

test('notches are placed along their edge, doubled and taken away; one beyond its end is told', async () => {
  const notched = withNotches(practiceTee.front, 'side', [{ atMm: 150 }, { atMm: 700 }]);
  const laid = readOutline(shape, notched, () => 0);
  if (!laid.ok) throw new Error('expected an outline');
  render(
    <UnitProvider initial="cm">
      <NotchesPanel
        {...{ shape }}
        outline={notched}
        laid={laid.outline}
        setting={false}
        onSet={() => undefined}
        onKeep={keep}
      />
    </UnitProvider>,
  );
  expect(screen.queryAllByText(/The side is 40\.\d cm long: a notch beyond that/)).toHaveLength(1);
  const [first] = screen.getAllByLabelText('side, from its start (cm)');
  await userEvent.clear(first as HTMLElement);
  await userEvent.type(first as HTMLElement, '12,5');
  await userEvent.tab();
  expect(keep.mock.lastCall?.[1]?.edges?.side?.notches).toEqual([{ atMm: 125 }, { atMm: 700 }]);
  await userEvent.click(screen.getAllByRole('checkbox', { name: 'double' })[0] as HTMLElement);
  expect(keep.mock.lastCall?.[1]?.edges?.side?.notches?.[0]).toEqual({ atMm: 150, double: true });
  await userEvent.click(screen.getAllByRole('button', { name: 'Take away' })[1] as HTMLElement);
  expect(keep.mock.lastCall?.[1]?.edges?.side?.notches).toEqual([{ atMm: 150 }]);
});
