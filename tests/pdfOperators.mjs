// Lists the drawing operators of a PDF’s first page with a general reader (pdfjs-dist), as JSON. Run by tests as a program
// of its own: the reader is an ES module.
import { readFileSync } from 'node:fs';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
const page = await pdf.getPage(1);
const { fnArray, argsArray } = await page.getOperatorList();
const groups = (await pdf.getOptionalContentConfig()).getGroups() ?? {};
const layers = Object.fromEntries(Object.entries(groups).map(([id, { name }]) => [id, name]));
process.stdout.write(
  JSON.stringify({
    operators: { fnArray, argsArray: argsArray.map((args) => (args === null ? null : plain(args))) },
    names: OPS,
    transform: page.getViewport({ scale: 1 }).transform,
    userUnit: page.userUnit,
    layers,
  }),
);

/** Typed arrays as plain ones. */
function plain(value) {
  if (ArrayBuffer.isView(value) || Array.isArray(value)) return Array.from(value, plain);
  return value;
}
