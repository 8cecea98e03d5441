import { answerLengths, type LengthsRequest } from './lengths';

/** The worker itself: says each length as soon as it is known. */
self.addEventListener('message', (event: MessageEvent<LengthsRequest>) => {
  for (const reply of answerLengths(event.data)) self.postMessage(reply);
});
