import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import ts from 'typescript';

/** Which files import which, by path from the project folder. */
export type ImportGraph = ReadonlyMap<string, readonly string[]>;

const endings = ['', '.ts', '.tsx', '.mjs', '/index.ts'];
const isSource = (path: string): boolean => /\.(ts|tsx|mjs)$/.test(path);

/** The file an import names; undefined for a package of another house. */
function fileOf(from: string, specifier: string): string | undefined {
  const [, part, door] = /^@stoichos\/(core|contract)(?:\/(.+))?$/.exec(specifier) ?? [];
  const path = part
    ? join(part, 'src', door ?? '', 'index.ts')
    : specifier.startsWith('.')
      ? normalize(join(dirname(from), specifier.split('?', 1)[0] ?? ''))
      : undefined;
  return (
    path &&
    endings
      .map((ending) => path + ending)
      .find((found) => existsSync(found) && statSync(found).isFile())
  );
}

function filesUnder(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory())
      return ['node_modules', 'dist'].includes(entry.name) ? [] : filesUnder(path);
    return isSource(path) ? [path] : [];
  });
}

/** Reads the imports of every source file under the folders. Call it from the project folder. */
export function readImports(folders: readonly string[]): ImportGraph {
  return new Map(
    folders.flatMap(filesUnder).map((file) => {
      const { importedFiles } = ts.preProcessFile(readFileSync(file, 'utf8'), true, true);
      const imported = importedFiles.flatMap(({ fileName }) => fileOf(file, fileName) ?? []);
      return [file, imported];
    }),
  );
}
