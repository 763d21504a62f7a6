/** GHS pictograms in words; the interface draws its own. */
export type Pictogram =
  'flame' | 'oxidiser' | 'corrosion' | 'skull' | 'exclamation' | 'health hazard' | 'environment';

type Signal = 'Danger' | 'Warning';

/** One hazard statement: its words, the pictogram and the signal word that go with it, where it has them. */
interface Statement {
  readonly text: string;
  readonly pictogram?: Pictogram;
  readonly signal?: Signal;
}

const danger = (text: string, pictogram: Pictogram): Statement => ({
  text,
  pictogram,
  signal: 'Danger',
});
const warning = (text: string, pictogram: Pictogram): Statement => ({
  text,
  pictogram,
  signal: 'Warning',
});

/**
 * GHS hazard statements by code (UN GHS Rev. 9, Annexes 1 and 3; wording recalled from memory). Where a statement serves
 * two categories, the signal word is that of the graver one.
 */
const statements = {
  H220: danger('Extremely flammable gas', 'flame'),
  H225: danger('Highly flammable liquid and vapour', 'flame'),
  H226: warning('Flammable liquid and vapour', 'flame'),
  H228: danger('Flammable solid', 'flame'),
  H250: danger('Catches fire spontaneously if exposed to air', 'flame'),
  H251: danger('Self-heating; may catch fire', 'flame'),
  H260: danger(
    'In contact with water releases flammable gases which may ignite spontaneously',
    'flame',
  ),
  H261: danger('In contact with water releases flammable gas', 'flame'),
  H270: danger('May cause or intensify fire; oxidizer', 'oxidiser'),
  H271: danger('May cause fire or explosion; strong oxidizer', 'oxidiser'),
  H272: danger('May intensify fire; oxidizer', 'oxidiser'),
  H290: warning('May be corrosive to metals', 'corrosion'),
  H300: danger('Fatal if swallowed', 'skull'),
  H301: danger('Toxic if swallowed', 'skull'),
  H302: warning('Harmful if swallowed', 'exclamation'),
  H304: danger('May be fatal if swallowed and enters airways', 'health hazard'),
  H310: danger('Fatal in contact with skin', 'skull'),
  H311: danger('Toxic in contact with skin', 'skull'),
  H312: warning('Harmful in contact with skin', 'exclamation'),
  H314: danger('Causes severe skin burns and eye damage', 'corrosion'),
  H315: warning('Causes skin irritation', 'exclamation'),
  H317: warning('May cause an allergic skin reaction', 'exclamation'),
  H318: danger('Causes serious eye damage', 'corrosion'),
  H319: warning('Causes serious eye irritation', 'exclamation'),
  H330: danger('Fatal if inhaled', 'skull'),
  H331: danger('Toxic if inhaled', 'skull'),
  H332: warning('Harmful if inhaled', 'exclamation'),
  H334: danger(
    'May cause allergy or asthma symptoms or breathing difficulties if inhaled',
    'health hazard',
  ),
  H335: warning('May cause respiratory irritation', 'exclamation'),
  H336: warning('May cause drowsiness or dizziness', 'exclamation'),
  H340: danger('May cause genetic defects', 'health hazard'),
  H341: warning('Suspected of causing genetic defects', 'health hazard'),
  H350: danger('May cause cancer', 'health hazard'),
  H351: warning('Suspected of causing cancer', 'health hazard'),
  H360: danger('May damage fertility or the unborn child', 'health hazard'),
  H361: warning('Suspected of damaging fertility or the unborn child', 'health hazard'),
  H362: { text: 'May cause harm to breast-fed children' },
  H372: danger('Causes damage to organs through prolonged or repeated exposure', 'health hazard'),
  H373: warning(
    'May cause damage to organs through prolonged or repeated exposure',
    'health hazard',
  ),
  H400: warning('Very toxic to aquatic life', 'environment'),
  H410: warning('Very toxic to aquatic life with long lasting effects', 'environment'),
  H411: { text: 'Toxic to aquatic life with long lasting effects', pictogram: 'environment' },
  H412: { text: 'Harmful to aquatic life with long lasting effects' },
  H413: { text: 'May cause long lasting harmful effects to aquatic life' },
} as const satisfies Record<string, Statement>;

export type HazardCode = keyof typeof statements;

const statementOf = (code: HazardCode): Statement => statements[code];

/** The words of a statement. */
export function statementText(code: HazardCode): string {
  return statementOf(code).text;
}

/** The pictograms of a set of statements, each once; a skull or corrosion makes the exclamation mark superfluous. */
export function pictogramsOf(codes: readonly HazardCode[]): Pictogram[] {
  const found = new Set(
    codes.map((code) => statementOf(code).pictogram).filter((one) => one !== undefined),
  );
  if (found.has('skull') || (found.has('corrosion') && !codes.includes('H317')))
    found.delete('exclamation');
  return [...found];
}

/** The signal word of a set of statements; some carry none. */
export function signalWord(codes: readonly HazardCode[]): Signal | undefined {
  const words = codes.map((code) => statementOf(code).signal);
  return words.includes('Danger') ? 'Danger' : words.find((word) => word !== undefined);
}
