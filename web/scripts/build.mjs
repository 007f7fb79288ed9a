// Builds the front end for Maven: does nothing when no input changed since the last good build. Mere use
// (SALT_DRUM_USE=1, the launcher's start) skips the linter and unit tests.
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

const home = fileURLToPath(new URL('..', import.meta.url));
const stamp = join(home, '.build-stamp');
const inputs = [
  'package.json',
  'package-lock.json',
  'openapi.json',
  'index.html',
  'src',
  'scripts',
  'vite.config.ts',
  'vite.painter.config.ts',
  'tsconfig.json',
  'eslint.config.js',
  '.dependency-cruiser.cjs',
  '.prettierrc.json',
];

function* files(path) {
  if (!existsSync(path)) return;
  if (statSync(path).isDirectory())
    for (const name of readdirSync(path).sort()) yield* files(join(path, name));
  else yield path;
}
const digest = (paths) => {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const file of files(join(home, path))) hash.update(relative(home, file)).update(readFileSync(file));
  return hash.digest('hex');
};
const run = (...args) => execFileSync('npm', args, { cwd: home, stdio: 'inherit' });

const check = process.env.SALT_DRUM_USE !== '1';
const checked = () => {
  run('run', 'lint', '--silent');
  run('test', '--silent');
};

const before = existsSync(stamp) ? JSON.parse(readFileSync(stamp, 'utf8')) : {};
const lock = digest(['package.json', 'package-lock.json']);
const all = digest(inputs);
if (before.all === all && existsSync(join(home, 'dist/index.html'))) {
  console.log('front end: unchanged');
  if (check && !before.checked) {
    checked();
    writeFileSync(stamp, JSON.stringify({ ...before, checked: true }));
  }
} else {
  if (before.lock !== lock || !existsSync(join(home, 'node_modules'))) run('ci', '--no-fund', '--no-audit');
  run('run', 'types', '--silent');
  if (check) checked();
  run('run', 'build', '--silent');
  execFileSync('node', ['scripts/weights.mjs'], { cwd: home, stdio: 'inherit' });
  run('run', 'painter', '--silent');
  writeFileSync(stamp, JSON.stringify({ lock, all: digest(inputs), checked: check }));
}
