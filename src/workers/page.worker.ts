import { getDocument, OPS } from 'pdfjs-dist';
import * as reader from 'pdfjs-dist/build/pdf.worker.mjs';
import { answerPage, type PageRequest, type PdfReader } from './page';

// The reader’s own work is done here too: this is a worker already, and nothing is fetched.
(globalThis as { pdfjsWorker?: unknown }).pdfjsWorker = reader;

/** The worker itself: one page in, its lines out. */
self.addEventListener('message', (event: MessageEvent<PageRequest>) => {
  void answerPage(event.data, { getDocument, OPS } as unknown as PdfReader).then((reply) =>
    self.postMessage(reply),
  );
});
