// Says what the tests took, class by class, and which of them grew: node scripts/parts.mjs [--record]
// With --record the table in docs/benchmarks.md is made anew. What a class proves is the first sentence of its Javadoc.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const MODULES = ['core', 'imaging', 'publish', 'player', 'app', 'measurements'];
const FILE = 'docs/benchmarks.md';
const [FROM, TO] = ['<!-- check: recorded -->', '<!-- check: end -->'];
const SAID = 15; // classes that are printed
const GROWN = 1.4; // times what it took, measured by how fast this machine is today
const NOTICED = 4; // s that a class must have grown by to be named

/** The test classes of a module that ran: {module, name, seconds}. */
function ran(module) {
  const folder = join(module, 'target', 'surefire-reports');
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((file) => /^TEST-.*\.xml$/.test(file))
    .map((file) => readFileSync(join(folder, file), 'utf8').match(/<testsuite [^>]*>/)[0])
    .map((suite) => ({ module, name: suite.match(/ name="([^"]*)"/)[1], seconds: Number(suite.match(/ time="([\d.]*)"/)[1]) }));
}

/** What a class proves, and what it waits for, from its source. */
function described({ module, name }) {
  const source = readFileSync(join(module, 'src', 'test', 'java', `${name.replaceAll('.', '/')}.java`), 'utf8');
  const doc = source.match(/\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*(?:@[\w.]+(?:\([^)]*\))?\s*)*(?:public |abstract |final )*class /)?.[1] ?? '';
  const proves = doc.replace(/^\s*\* ?/gm, ' ').replace(/\{@(?:code|link) ([^}]*)\}/g, '$1').replace(/\s+/g, ' ').trim().match(/^.*?\.(?= |$)/)?.[0] ?? '';
  const waits = [
    /\bOwnApplication\b|\bQuickStart\b|\bProcessBuilder\b/.test(source) && 'processes',
    module === 'app' && /\bRunning\b|\bEditor\b/.test(source) && 'the application',
    (module === 'player' || /\bEditor\b|\bSomebodysPages\b/.test(source)) && 'Chromium',
    /\bDatabase\b|@TempDir/.test(source) && 'the disk',
  ].filter(Boolean);
  return { proves, waits: waits.join(', ') || 'nothing' };
}

const all = MODULES.flatMap(ran).sort((a, b) => b.seconds - a.seconds);
const text = readFileSync(FILE, 'utf8');
const [start, end] = [text.indexOf(FROM), text.indexOf(TO)];
const former = new Map([...text.slice(start, end).matchAll(/^\| `([\w.]+)` \| ([\d.]+) \|/gm)].map(([, name, seconds]) => [name, Number(seconds)]));
const short = (name) => name.replace('com.keenreel.', '');

if (process.argv[2] === '--record') {
  const rows = all.map((one) => {
    const { proves, waits } = described(one);
    return `| \`${short(one.name)}\` | ${one.seconds.toFixed(1)} | ${waits} | ${proves} |`;
  });
  const total = all.reduce((sum, { seconds }) => sum + seconds, 0);
  const head = [FROM, `As it took on ${new Date().toISOString().slice(0, 10)}, ${Math.round(total)} s in all, two classes at a time:`, '', '| class | s | waits for | proves |', '| --- | --- | --- | --- |'];
  writeFileSync(FILE, text.slice(0, start) + [...head, ...rows, ''].join('\n') + text.slice(end));
} else {
  all.slice(0, SAID).forEach(({ seconds, name }) => console.log(`${seconds.toFixed(1).padStart(7)} s  ${short(name)}`));
  const known = all.filter(({ name, seconds }) => former.get(short(name)) > 1 && seconds > 0);
  const ratios = known.map(({ name, seconds }) => seconds / former.get(short(name))).sort((a, b) => a - b);
  const machine = ratios[Math.floor(ratios.length / 2)] ?? 1;
  console.log(`Compared with what is kept in ${FILE}, this machine takes ${machine.toFixed(2)} times as long today.`);
  const grown = all.filter(({ name, seconds }) => {
    const expected = (former.get(short(name)) ?? 0) * machine;
    return seconds > GROWN * expected && seconds - expected > NOTICED;
  });
  grown.forEach(({ name, seconds }) => console.log(`grew: ${short(name)}, ${seconds.toFixed(1)} s instead of ${((former.get(short(name)) ?? 0) * machine).toFixed(1)} s`));
  if (!grown.length) console.log('No part of it grew.');
}
