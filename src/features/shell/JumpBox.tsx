'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useId, useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { JumpTarget } from '@/core/views/pageViews';
import { isTyping } from '@/ui/isTyping';
import styles from './Shell.module.css';

interface Found {
  readonly targets: readonly JumpTarget[];
  /** What was typed when they were asked for. */
  readonly text: string | undefined;
}

const NONE: Found = { targets: [], text: undefined };

/** Finds anything by name. `/` goes to it, arrows move, Enter goes there. */
export function JumpBox() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const listId = useId();
  const [text, setText] = useState('');
  const [open, setOpen] = useState(false);
  const [{ targets, text: answered }, setFound] = useState<Found>(NONE);
  const [at, setAt] = useState(0);
  // The answer to what is typed, which Enter may be quicker than. Typing on, and leaving, calls it off.
  const answer = useRef<Promise<readonly JumpTarget[]>>(Promise.resolve([]));

  // Listens before the page is painted: whoever sees the box can press the key.
  useLayoutEffect(() => {
    const press = (event: globalThis.KeyboardEvent) => {
      if (event.key !== '/' || isTyping(event.target) || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      input.current?.focus();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);

  useEffect(() => {
    if (!open) return;
    const stop = new AbortController();
    answer.current = fetch(`/api/jump?q=${encodeURIComponent(text)}`, { signal: stop.signal })
      .then((response) => response.json())
      .then(({ targets: found }: { targets: readonly JumpTarget[] }) => {
        setFound({ targets: found, text });
        setAt(0);
        return found;
      })
      .catch(() => []);
    return () => stop.abort();
  }, [open, text]);

  const go = (target: JumpTarget | undefined) => {
    if (!target) return;
    setOpen(false);
    setText('');
    input.current?.blur();
    router.push(target.href);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, targets.length - 1));
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
    else if (event.key === 'Enter' && answered === text) go(targets[at]);
    else if (event.key === 'Enter') void answer.current.then(([first]) => go(first));
    else if (event.key === 'Escape') setOpen(false);
    else return;
    event.preventDefault();
  };
  const showing = open && (targets.length > 0 || text !== '');
  return (
    <div className={styles.jump}>
      <input
        ref={input}
        role="combobox"
        aria-label="Find a garment, cloth or wearer"
        aria-expanded={showing}
        aria-controls={listId}
        aria-activedescendant={showing && targets[at] ? `${listId}-${at}` : undefined}
        placeholder="Find a garment, cloth or wearer"
        value={text}
        maxLength={60}
        onChange={(event) => {
          setText(event.target.value);
          setOpen(true);
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onKeyDown={press}
      />
      <span className={styles.key} aria-hidden="true">
        /
      </span>
      <ul id={listId} role="listbox" aria-label="Found" className={styles.found} hidden={!showing}>
        {targets.map((target, index) => (
          <li
            key={target.href}
            id={`${listId}-${index}`}
            role="option"
            aria-selected={index === at}
            onMouseDown={(event) => {
              event.preventDefault();
              go(target);
            }}
          >
            {target.label}
            <span className="soft small">{target.what}</span>
          </li>
        ))}
        {targets.length === 0 && (
          <li role="option" aria-selected="false" aria-disabled="true">
            Nothing here has that in its name.
          </li>
        )}
      </ul>
    </div>
  );
}
