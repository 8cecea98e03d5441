declare module 'pdfjs-dist/build/pdf.worker.mjs';
