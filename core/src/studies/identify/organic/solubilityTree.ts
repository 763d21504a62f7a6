import type { TestResult } from '../inference';

/**
 * The solubility tree, which most schools begin with: water; with it litmus, without it 5 % base, then hydrogencarbonate or 5 % acid,
 * then concentrated sulfuric acid (Shriner, Hermann, Morrill, Curtin, Fuson: The Systematic Identification of Organic Compounds; recalled).
 *
 * @returns the test that comes next in the tree; undefined once the tree has been walked.
 */
export function nextInTree(results: readonly TestResult[]): string | undefined {
  const seen = new Map(
    results
      .filter(({ outcome, blank }) => outcome !== 'unsure' && blank !== 'same')
      .map(({ test, outcome }) => [test, outcome]),
  );
  const after = (test: string, next: (outcome: string) => string | undefined) => {
    const outcome = seen.get(test);
    return outcome === undefined ? test : next(outcome);
  };
  return after('water', (inWater) =>
    inWater === 'soluble'
      ? after('litmus', (red) =>
          red === 'positive' ? undefined : after('redLitmus', () => undefined),
        )
      : after('base', (inBase) =>
          inBase === 'soluble'
            ? after('bicarbonate', () => undefined)
            : after('acid', (inAcid) =>
                inAcid === 'soluble' ? undefined : after('sulfuric', () => undefined),
              ),
        ),
  );
}
/** The order in which the class tests follow the tree where the fixed order is kept. */
export const classTestsInOrder = [
  'burning',
  'beilstein',
  'dnp',
  'silverMirror',
  'iodoform',
  'cericNitrate',
  'chromicAcid',
  'lucas',
  'bromineWater',
  'permanganate',
  'ferricChloride',
  'hydroxamate',
  'ammoniaOnBoiling',
  'azoDye',
  'hinsberg',
  'ironHydroxide',
  'silverNitrateEthanol',
  'iodideInPropanone',
  'molisch',
  'ninhydrin',
] as const;
