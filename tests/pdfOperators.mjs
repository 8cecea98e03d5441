// Lists the drawing operators of each page of a PDF with a general reader (pdfjs-dist), as JSON. Run by tests as a program
// of its own: the reader is an ES module.
import { readFileSync } from 'node:fs';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
const groups = (await pdf.getOptionalContentConfig()).getGroups() ?? {};
const layers = Object.fromEntries(Object.entries(groups).map(([id, { name }]) => [id, name]));
const sheets = [];
for (let number = 1; number <= pdf.numPages; number += 1) {
  const page = await pdf.getPage(number);
  const { fnArray, argsArray } = await page.getOperatorList();
  const { transform, width, height } = page.getViewport({ scale: 1 });
  const operators = { fnArray, argsArray: argsArray.map((args) => (args === null ? null : plain(args))) };
  sheets.push({ width, height, page: { operators, names: OPS, transform, userUnit: page.userUnit, layers } });
}
process.stdout.write(JSON.stringify(sheets));

/** Typed arrays as plain ones. */
function plain(value) {
  if (ArrayBuffer.isView(value) || Array.isArray(value)) return Array.from(value, plain);
  return value;
}
