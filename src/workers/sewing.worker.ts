import { answerSewing, type SewingRequest } from './sewing';

/** The worker itself: one message in, one message out. */
self.addEventListener('message', (event: MessageEvent<SewingRequest>) => {
  self.postMessage(answerSewing(event.data));
});
