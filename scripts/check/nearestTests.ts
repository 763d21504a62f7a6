import type { ImportGraph } from './importGraph';

const isTest = (file: string): boolean => /\.test\.tsx?$/.test(file);

/**
 * The tests that a change touches, the nearest first: a test that imports the changed file stands before one that reaches it
 * through three others.
 *
 * @param changed paths from the project folder; a changed test stands first.
 */
export function nearestTests(graph: ImportGraph, changed: readonly string[]): string[] {
  const importers = new Map<string, string[]>();
  for (const [file, imported] of graph)
    for (const one of imported) importers.set(one, [...(importers.get(one) ?? []), file]);
  const reached = new Set(changed);
  // A set goes through what is added while it is gone through: nearest first.
  for (const file of reached)
    for (const importer of importers.get(file) ?? []) reached.add(importer);
  return [...reached].filter((file) => isTest(file) && graph.has(file));
}
