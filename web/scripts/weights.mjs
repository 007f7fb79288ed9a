// What the browser loads for a page, script only, gzipped:  node scripts/weights.mjs   ->   one line a page, bytes
// Follows the static imports of a built part as Vite's manifest tells them.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const dist = new URL('../dist/', import.meta.url);
const manifest = JSON.parse(readFileSync(new URL('.vite/manifest.json', dist), 'utf8'));

function loaded(part, seen = new Set()) {
  if (seen.has(part)) return seen;
  seen.add(part);
  for (const needed of manifest[part].imports ?? []) loaded(needed, seen);
  return seen;
}
const weight = (parts) => {
  const files = new Set(parts.flatMap((part) => [...loaded(part)]).map((part) => manifest[part].file));
  return [...files].reduce((sum, file) => sum + gzipSync(readFileSync(new URL(file, dist))).length, 0);
};
const pages = {
  review: ['index.html', 'src/reviews/Review.tsx'],
  clips: ['index.html', 'src/App.tsx', 'src/clips/Clips.tsx'],
  bench: ['index.html', 'src/App.tsx', 'src/bench/Bench.tsx'],
};
// Bytes: a review on a client's telephone, then the page of clips.
const most = { review: 93_500, clips: 150_000 };
for (const [page, parts] of Object.entries(pages)) {
  const bytes = weight(parts);
  console.log(`${page} ${bytes}`);
  if (bytes > most[page]) {
    console.error(
      `The script of “${page}” is ${bytes} bytes gzipped, ${most[page]} at most: what of it could be loaded later?`,
    );
    process.exitCode = 1;
  }
}
