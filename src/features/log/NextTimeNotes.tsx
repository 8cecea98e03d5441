import Link from 'next/link';
import type { LogEntry } from '@/core/views/logViews';

/** What was noted for next time of something that is chosen or looked at here. */
export function NextTimeNotes({ entries }: { entries: readonly LogEntry[] }) {
  if (entries.length === 0) return null;
  return (
    <section
      aria-label="Noted for next time"
      style={{ borderLeft: '4px solid var(--capacity)', paddingLeft: 14, display: 'grid', gap: 4 }}
    >
      {entries.map(({ id, href, name, text }) => (
        <p key={id}>
          <span className="soft">
            Next time, from <Link href={href}>{name}</Link>:
          </span>{' '}
          <strong>{text}</strong>
        </p>
      ))}
    </section>
  );
}
