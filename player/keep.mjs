// Writes what was built where it differs from what is there: what stays the same stays as old as it is, and nothing that depends on
// it is built anew.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

export function keep(path, content) {
  const bytes = Buffer.from(content);
  if (existsSync(path) && readFileSync(path).equals(bytes)) return;
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(path, bytes);
}
