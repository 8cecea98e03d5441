// Reads a PDF with a general reader (reference library: pdfjs-dist) and prints, for each page, its size, its words
// with their places, and its strokes, as JSON. Run by tests as a program of its own: the reader is an ES module.
import { readFileSync } from 'node:fs';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
const pages = [];
for (let number = 1; number <= pdf.numPages; number += 1) {
  const page = await pdf.getPage(number);
  const { width, height } = page.getViewport({ scale: 1 });
  const { items } = await page.getTextContent();
  const { fnArray, argsArray } = await page.getOperatorList();
  const strokes = [];
  let offset = [0, 0];
  const kept = [];
  fnArray.forEach((fn, at) => {
    if (fn === OPS.save) kept.push(offset);
    if (fn === OPS.restore) offset = kept.pop() ?? [0, 0];
    if (fn === OPS.transform) offset = [offset[0] + argsArray[at][4], offset[1] + argsArray[at][5]];
    if (fn !== OPS.constructPath) return;
    const [xMin, yMin, xMax, yMax] = argsArray[at][2];
    strokes.push([xMin + offset[0], yMin + offset[1], xMax + offset[0], yMax + offset[1]]);
  });
  pages.push({
    width,
    height,
    words: items.map(({ str, transform }) => ({ text: str, x: transform[4], y: transform[5] })),
    strokes,
  });
}
process.stdout.write(JSON.stringify(pages));
