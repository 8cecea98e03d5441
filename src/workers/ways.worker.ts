import { answerWays, type WaysRequest } from './ways';

/** The worker itself: says each way as soon as it is laid out. */
self.addEventListener('message', (event: MessageEvent<WaysRequest>) => {
  for (const reply of answerWays(event.data)) self.postMessage(reply);
});
