import { answerPaper, type PaperRequest } from './paper';

/** The worker itself: a garment in, the map of its sheets out. */
self.addEventListener('message', (event: MessageEvent<PaperRequest>) => {
  self.postMessage(answerPaper(event.data));
});
