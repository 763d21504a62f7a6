import type { ImportGraph } from './importGraph';

const isTest = (file: string): boolean => /\.test\.tsx?$/.test(file);

/** A test file, and over how many imports it reaches the change: none where it was changed itself. */
export interface TouchedTest {
  readonly file: string;
  readonly imports: number;
}

/**
 * The tests that a change touches, the nearest first: a test that imports the changed file stands before one that reaches it
 * through three others.
 *
 * @param changed paths from the project folder.
 */
export function nearestTests(graph: ImportGraph, changed: readonly string[]): TouchedTest[] {
  const importers = new Map<string, string[]>();
  for (const [file, imported] of graph)
    for (const one of imported) importers.set(one, [...(importers.get(one) ?? []), file]);
  const reached = new Map(changed.map((file) => [file, 0]));
  // A map goes through what is added while it is gone through: nearest first.
  for (const [file, imports] of reached)
    for (const importer of importers.get(file) ?? [])
      if (!reached.has(importer)) reached.set(importer, imports + 1);
  return [...reached]
    .filter(([file]) => isTest(file) && graph.has(file))
    .map(([file, imports]) => ({ file, imports }));
}
