// Writes what emoji are called, by language, of npm's emojibase-data (MIT; names and keywords of Unicode CLDR, Unicode licence).
//   npm pack emojibase-data@17.0.0 && tar xzf emojibase-data-17.0.0.tgz
//   node tools/emoji/names.mjs package media/src/main/resources/saltdrum/media/emoji/twemoji-15.0.0.tsv.gz \
//     core/src/main/resources/saltdrum/core/emoji/names.tsv.gz
// A line: language, emoji, group of emojibase, name, keywords with | between. Only emoji that are drawn, without skins.
import { readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';

const LANGUAGES = ['en', 'de', 'es', 'fr', 'it', 'pt', 'nl', 'pl', 'ja', 'ko', 'zh'];
const COMPONENTS = 2;
const [data, drawings, out] = process.argv.slice(2);
const drawn = new Set(
  gunzipSync(readFileSync(drawings))
    .toString('utf8')
    .split('\n')
    .map((line) => line.split('\t')[0]),
);
const bare = (code) => code.toLowerCase().replaceAll('-fe0f', '');
const lines = [];
for (const language of LANGUAGES) {
  const all = JSON.parse(readFileSync(`${data}/${language}/data.json`, 'utf8'));
  all.sort((a, b) => (a.order ?? 1e6) - (b.order ?? 1e6));
  for (const one of all) {
    if (one.group === undefined || one.group === COMPONENTS) continue;
    if (!drawn.has(one.hexcode.toLowerCase()) && !drawn.has(bare(one.hexcode))) continue;
    const clean = (text) => text.replace(/[\t\n|]/g, ' ');
    lines.push([language, one.emoji, one.group, clean(one.label), (one.tags ?? []).map(clean).join('|')].join('\t'));
  }
}
writeFileSync(out, gzipSync(lines.join('\n') + '\n', { level: 9 }));
