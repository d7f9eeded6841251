// Keeps what a command measured: node scripts/record.mjs FILE NAME, its lines on standard input. They become a table, with the
// date, between two marks of that name in the file; the marks are put at its end when they are not there yet.
import { readFileSync, writeFileSync } from 'node:fs';

const [file, name] = process.argv.slice(2);
const figures = readFileSync(0, 'utf8')
  .split('\n')
  .map((line) => line.match(/^(.+?) (-?[\d.]+) (.*), (reported|goal .+)$/))
  .filter(Boolean)
  .map(([, what, value, unit, goal]) => `| ${what} | ${value} ${unit}`.trimEnd() + ` | ${goal.replace(/^reported$|^goal /, '').replace(' - MISSED', ': missed')} |`);
const day = new Date().toISOString().slice(0, 10);
const [from, to] = [`<!-- ${name}: recorded -->`, `<!-- ${name}: end -->`];
const table = [from, `As printed on ${day}:`, '', '| figure | value | goal |', '| --- | --- | --- |', ...figures, to].join('\n');

const text = readFileSync(file, 'utf8');
const marked = text.includes(from);
const next = marked ? text.slice(0, text.indexOf(from)) + table + text.slice(text.indexOf(to) + to.length) : `${text.trimEnd()}\n\n${table}\n`;
writeFileSync(file, next);
