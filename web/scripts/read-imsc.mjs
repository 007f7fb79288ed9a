// Reads a TTML file with imsc.js, the IMSC library of the W3C's timed text community, and prints its text at each change:
//   node read-imsc.mjs FILE   ->   one JSON object { from, text } a line, seconds
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';

// Its reader alone: the whole library asks for a browser.
const require = createRequire(import.meta.url);
const { fromXML } = require('imsc/src/main/js/doc.js');
const { generateISD } = require('imsc/src/main/js/isd.js');

const refuse = (message) => {
  throw new Error(message);
};
const document = fromXML(readFileSync(process.argv[2], 'utf8'), {
  info: () => {},
  warn: () => {},
  error: refuse,
  fatal: refuse,
});
const textOf = (node) =>
  node.kind === 'br' ? '\n' : (node.text ?? '') + (node.contents ?? []).map(textOf).join('');
for (const from of document.getMediaTimeEvents()) {
  const shown = generateISD(document, from);
  console.log(JSON.stringify({ from, text: shown.contents.map(textOf).join('') }));
}
