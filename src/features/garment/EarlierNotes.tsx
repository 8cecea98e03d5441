'use client';
import Link from 'next/link';
import { useGarment } from './useGarment';

/** What came out of earlier garments for this wearer or out of this cloth. */
export function EarlierNotes() {
  const { earlier, facts, garment } = useGarment();
  if (earlier.length === 0) return null;
  return (
    <section
      aria-label="From earlier garments"
      style={{ borderLeft: '4px solid var(--capacity)', paddingLeft: 14 }}
    >
      <h3>From earlier</h3>
      {earlier.slice(0, 3).map((one) => {
        const off = Object.entries(one.fitting.outcomes).flatMap(([zone, outcome]) => {
          return outcome !== 'right' && outcome !== 'lies flat' ? [`${zone} ${outcome}`] : [];
        });
        const why = [
          one.sameWearer ? facts.wearer?.name : undefined,
          one.sameCloth ? 'the same cloth' : undefined,
        ]
          .filter(Boolean)
          .join(', ');
        return (
          <p key={one.garmentId}>
            <Link href={`/garments/${one.garmentId}?stage=wear`}>{one.garment}</Link>{' '}
            <span className="soft">({why})</span>:{' '}
            {[off.join(', '), one.fitting.note].filter(Boolean).join('. ') || 'right everywhere.'}{' '}
            {one.fitting.next && <strong>Next time: {one.fitting.next}</strong>}
          </p>
        );
      })}
      {garment.style === 'fitted' &&
        earlier.some(({ fitting }) => Object.values(fitting.outcomes).includes('too tight')) && (
          <p className="small soft">One came out too tight: consider a step towards skim.</p>
        )}
    </section>
  );
}
