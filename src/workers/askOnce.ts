/** A question to a worker: its answer, and how to do without it. */
export interface Asked<A> {
  readonly answer: Promise<A>;
  readonly stop: () => void;
}

/**
 * Asks a worker one question and ends it once it has answered. Rejects where it fails; never settles once it was stopped.
 * `isAnswer` tells the answer from other messages.
 */
export function askOnce<Q, A>(
  worker: Worker,
  question: Q,
  isAnswer: (data: unknown) => data is A = (data): data is A => data !== undefined,
): Asked<A> {
  const stop = () => worker.terminate();
  const answer = new Promise<A>((resolve, reject) => {
    worker.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
      if (isAnswer(data)) resolve(data);
    });
    worker.addEventListener('error', (event) => reject(new Error(event.message || 'the worker failed')));
    worker.postMessage(question);
  });
  void answer.catch(() => undefined).finally(stop);
  return { answer, stop };
}
