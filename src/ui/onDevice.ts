/** What was kept on this device under a key; `undefined` where nothing was, or the browser keeps nothing. */
export function readOnDevice(key: string): unknown {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? 'null') as unknown) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps something on this device; `undefined` takes it away. Where the browser keeps nothing it is simply not kept. */
export function keepOnDevice(key: string, value: unknown): void {
  try {
    if (value === undefined) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    return;
  }
}
