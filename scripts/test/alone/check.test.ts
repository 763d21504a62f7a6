import { describe, expect, it } from 'vitest';
import { readImports } from '../../check/importGraph';
import { nearestTests } from '../../check/nearestTests';

const graph = new Map([
  ['core/src/a.ts', []],
  ['core/src/b.ts', ['core/src/a.ts']],
  ['core/src/c.ts', ['core/src/b.ts']],
  ['core/test/c.test.ts', ['core/src/c.ts']],
  ['core/test/a.test.ts', ['core/src/a.ts']],
  ['core/test/other.test.ts', []],
]);

describe('the tests a change touches', () => {
  it('stand nearest first, and leave out what the change cannot reach', () => {
    expect(nearestTests(graph, ['core/src/a.ts'])).toEqual([
      { file: 'core/test/a.test.ts', imports: 1 },
      { file: 'core/test/c.test.ts', imports: 3 },
    ]);
  });

  it('begin with a test that was changed itself', () => {
    expect(nearestTests(graph, ['core/test/other.test.ts', 'core/src/c.ts'])).toEqual([
      { file: 'core/test/other.test.ts', imports: 0 },
      { file: 'core/test/c.test.ts', imports: 1 },
    ]);
  });

  it('are none where a text was changed', () => {
    expect(nearestTests(graph, ['README.md'])).toEqual([]);
  });
});

describe('the imports of the tree', () => {
  const tree = readImports(['core', 'contract', 'server/src']);

  it('follow a door of core to its index, and from there to the module', () => {
    expect(tree.get('server/src/handlers/shelf.ts')).toContain('core/src/planning/shelf/index.ts');
    expect(tree.get('server/src/http/routes.ts')).toContain('contract/src/index.ts');
    expect(tree.get('core/src/matter/formula/index.ts')).toContain(
      'core/src/matter/formula/parseFormula.ts',
    );
  });

  it('leave out packages of other houses', () => {
    const imported = [...tree.values()].flat();
    expect(imported.filter((file) => !/^(core|contract|server)\//.test(file))).toEqual([]);
  });
});
