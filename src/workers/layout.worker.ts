import { LayoutWork, type LayoutRequest } from './layout';

const work = new LayoutWork({
  now: () => performance.now(),
  later: (next) => void setTimeout(next, 0),
  say: (progress) => self.postMessage(progress),
});

/** The worker itself: it listens between slices of work. */
self.addEventListener('message', (event: MessageEvent<LayoutRequest>) => work.take(event.data));
