'use client';
import Link from 'next/link';
import { isRight } from '@/core/learn/scales';
import { useGarment } from './useGarment';

/** What came out of earlier garments for this wearer or out of this cloth: the nearest, and the others on asking. */
export function EarlierNotes() {
  const { earlier, garment, nextTime } = useGarment();
  const [first, ...others] = earlier.slice(0, 3);
  const shown = new Set(earlier.slice(0, 3).map((one) => `/garments/${one.garmentId}`));
  const more = nextTime.filter(({ href }) => !shown.has(href.split('?')[0] ?? ''));
  if (!first && more.length === 0) return null;
  return (
    <section
      aria-label="From earlier garments"
      style={{ borderLeft: '4px solid var(--capacity)', paddingLeft: 14 }}
    >
      {first && <Note one={first} heading />}
      {others.length > 0 && (
        <details>
          <summary className="small">
            {others.length} more from {others.map((one) => one.garment).join(', ')}
          </summary>
          {others.map((one) => (
            <Note key={one.garmentId} one={one} />
          ))}
        </details>
      )}
      {more.length > 0 && (
        <details open={!first}>
          <summary className="small">Noted for next time: {more.length}</summary>
          {more.map(({ id, href, name, text }) => (
            <p key={id}>
              <Link href={href}>{name}</Link>: <strong>{text}</strong>
            </p>
          ))}
        </details>
      )}
      {garment.style === 'fitted' &&
        earlier.some(({ fitting }) => Object.values(fitting.outcomes).includes('too tight')) && (
          <p className="small soft">One came out too tight: consider a step towards skim.</p>
        )}
    </section>
  );
}

type Earlier = ReturnType<typeof useGarment>['earlier'][number];

/** How it came out and what to do next time; its note where nothing was said of that. */
function Note({ one, heading = false }: { one: Earlier; heading?: boolean }) {
  const { facts } = useGarment();
  const { fitting } = one;
  const off = Object.entries(fitting.outcomes).flatMap(([zone, outcome]) =>
    isRight(outcome) ? [] : [`${zone} ${outcome}`],
  );
  const why = [
    one.sameWearer ? facts.wearer?.name : undefined,
    one.sameCloth ? 'the same cloth' : undefined,
  ].filter(Boolean);
  const said = [off.join(', '), fitting.next ? undefined : fitting.note].filter(Boolean).join('. ');
  return (
    <p>
      {heading && <strong>From earlier: </strong>}
      <Link href={`/garments/${one.garmentId}?stage=wear`}>{one.garment}</Link>{' '}
      <span className="soft">({why.join(', ')})</span>: {said || (fitting.next ? '' : 'right everywhere.')}
      {fitting.next && (
        <strong>
          {said ? '. ' : ''}Next time: {fitting.next}
        </strong>
      )}
    </p>
  );
}
