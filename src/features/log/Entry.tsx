import Link from 'next/link';
import { recordNames } from '@/core/facts/records';
import { MATCHED, type LogEntry } from '@/core/views/logViews';
import styles from './Log.module.css';

/** One entry: when, of what, and what was said, with what matched marked in it. */
export function Entry({ entry: { href, name, of, what, label, text, at } }: { entry: LogEntry }) {
  return (
    <li className={styles.entry}>
      <p className="soft small">
        <time dateTime={at}>{at}</time> {recordNames[of]}
      </p>
      <div>
        <p>
          <Link href={href}>{name}</Link>{' '}
          <span className="soft">
            {/^notes?$/i.test(label) ? '' : label.toLowerCase()}
            {what === 'went wrong' ? ', went wrong' : ''}
          </span>
        </p>
        <p className={styles.text} data-next={what === 'next time'}>
          {parts(text).map(({ words, matched }, at) => (matched ? <mark key={at}>{words}</mark> : words))}
        </p>
      </div>
    </li>
  );
}

const [BEGINS, ENDS] = MATCHED;

/** The text in its parts, those that matched and those between. */
export function parts(text: string): readonly { readonly words: string; readonly matched: boolean }[] {
  return text
    .split(BEGINS)
    .flatMap((part, at) => {
      if (at === 0) return [{ words: part, matched: false }];
      const [found = '', ...rest] = part.split(ENDS);
      return [
        { words: found, matched: true },
        { words: rest.join(''), matched: false },
      ];
    })
    .filter(({ words }) => words !== '');
}
