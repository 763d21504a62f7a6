/**
 * Starts the chem command quickly: bundles scripts/chem.ts, instead of loading some two hundred modules one by one,
 * and keeps the bundle in .data for as long as none of the files it was made from changes.
 */
import { mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const bundle = `${root}.data/chem.mjs`;

/** The inputs of the kept bundle are its first line: path and time of change of each. */
function isCurrent() {
  try {
    const [line = ''] = readFileSync(bundle, 'utf8').split('\n', 1);
    const inputs = Object.entries(
      /** @type {Record<string, number>} */ (JSON.parse(line.slice(2))),
    );
    return inputs.every(([path, changed]) => statSync(root + path).mtimeMs === changed);
  } catch {
    return false; // never made, or a file has gone: make it anew
  }
}

if (!isCurrent()) {
  const { build } = await import('esbuild');
  const { outputFiles, metafile } = await build({
    absWorkingDir: root,
    entryPoints: ['scripts/chem.ts'],
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    write: false,
    metafile: true,
    logLevel: 'error',
  });
  const inputs = Object.keys(metafile.inputs).map((path) => [path, statSync(root + path).mtimeMs]);
  mkdirSync(`${root}.data`, { recursive: true });
  const unfinished = `${bundle}.${process.pid}`;
  writeFileSync(
    unfinished,
    `//${JSON.stringify(Object.fromEntries(inputs))}\n${outputFiles[0].text}`,
  );
  renameSync(unfinished, bundle);
}
await import(bundle);
