import type { SewingAnswers, SewingReply, SewingRequest } from '@/workers/sewing';

type Waiting = {
  readonly resolve: (answer: never) => void;
  readonly reject: (error: Error) => void;
};

type Question = SewingRequest extends infer R ? (R extends SewingRequest ? Omit<R, 'serial'> : never) : never;

/** Asks the worker and hands each answer to whoever asked. The worker is started when first asked, and let go with the page. */
export class SewingClient {
  #worker: Worker | undefined;
  #serial = 0;
  readonly #waiting = new Map<number, Waiting>();

  ask<K extends keyof SewingAnswers>(question: Question & { readonly ask: K }): Promise<SewingAnswers[K]> {
    const serial = ++this.#serial;
    const worker = this.#start();
    return new Promise((resolve, reject) => {
      this.#waiting.set(serial, { resolve: resolve as (answer: never) => void, reject });
      worker.postMessage({ ...question, serial });
    });
  }

  close(): void {
    this.#worker?.terminate();
    this.#worker = undefined;
    this.#waiting.clear();
  }

  #start(): Worker {
    if (this.#worker) return this.#worker;
    const worker = new Worker(new URL('../../../workers/sewing.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.addEventListener('message', ({ data }: MessageEvent<SewingReply>) => {
      const waiting = this.#waiting.get(data.serial);
      this.#waiting.delete(data.serial);
      if (data.ok) waiting?.resolve(data.answer as never);
      else waiting?.reject(new Error(data.sentence));
    });
    worker.addEventListener('error', () => {
      for (const { reject } of this.#waiting.values())
        reject(new Error('The order could not be worked out: reload the page.'));
      this.#waiting.clear();
    });
    this.#worker = worker;
    return worker;
  }
}
