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
  const goTo = useRef<(target: JumpTarget | undefined) => void>(() => undefined);
  const [{ targets, text: answered }, setFound] = useState<Found>(NONE);
  const [at, setAt] = useState(0);
  // Enter pressed before the answer to what is typed: goes as soon as it is there.
  const entered = useRef(false);

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
    fetch(`/api/jump?q=${encodeURIComponent(text)}`, { signal: stop.signal })
      .then((response) => response.json())
      .then(({ targets: found }: { targets: readonly JumpTarget[] }) => {
        setFound({ targets: found, text });
        setAt(0);
        if (entered.current) goTo.current(found[0]);
      })
      .catch(() => undefined);
    return () => stop.abort();
  }, [open, text]);

  const go = (target: JumpTarget | undefined) => {
    entered.current = false;
    if (!target) return;
    setOpen(false);
    setText('');
    input.current?.blur();
    router.push(target.href);
  };
  useEffect(() => {
    goTo.current = go;
  });
  const press = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, targets.length - 1));
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
    else if (event.key === 'Enter' && answered === text) go(targets[at]);
    else if (event.key === 'Enter') entered.current = true;
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
          entered.current = false;
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => {
          entered.current = false;
          setOpen(false);
        }}
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
