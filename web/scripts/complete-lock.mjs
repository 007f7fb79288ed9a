// npm leaves out of the lock what this registry does not serve, and `npm ci` then refuses the lock.
// Adds a stub for each optional platform build that is missing. Run after every `npm install`.
import { readFileSync, writeFileSync } from 'node:fs';

const file = new URL('../package-lock.json', import.meta.url);
const lock = JSON.parse(readFileSync(file, 'utf8'));
const systems = ['android', 'darwin', 'freebsd', 'linux', 'openharmony', 'win32', 'netbsd', 'openbsd', 'sunos', 'aix', 'wasm32'];
const processors = ['x64', 'arm64', 'arm', 'ia32', 'ppc64', 'riscv64', 's390x', 'loong64', 'mips64el', 'wasm32'];
let added = 0;
for (const entry of Object.values({ ...lock.packages })) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const place = `node_modules/${name}`;
    if (lock.packages[place]) continue;
    const parts = name.split('/').pop().split('-');
    const os = parts.find((p) => systems.includes(p));
    const cpu = parts.map((p) => (p === 'gnueabihf' ? 'arm' : p)).find((p) => processors.includes(p));
    lock.packages[place] = {
      version: version.replace(/^[^\d]*/, ''),
      optional: true,
      dev: true,
      ...(os && os !== 'wasm32' ? { os: [os] } : {}),
      cpu: [cpu ?? 'wasm32'],
    };
    added++;
  }
}
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1)));
writeFileSync(file, JSON.stringify(lock, null, 2) + '\n');
console.log(`${added} stubs added`);
