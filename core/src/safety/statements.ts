/** GHS pictograms in words; the interface draws its own. */
export type Pictogram =
  'flame' | 'oxidiser' | 'corrosion' | 'skull' | 'exclamation' | 'health hazard' | 'environment';

export type Signal = 'Danger' | 'Warning';

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
 * GHS hazard statements by code (UN GHS Rev. 9, Annexes 1 and 3, and the European supplements; wording recalled from memory). Where a statement serves
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
  H350i: danger('May cause cancer by inhalation', 'health hazard'),
  H360: danger('May damage fertility or the unborn child', 'health hazard'),
  H360F: danger('May damage fertility', 'health hazard'),
  H360D: danger('May damage the unborn child', 'health hazard'),
  H360FD: danger('May damage fertility. May damage the unborn child', 'health hazard'),
  H360Df: danger('May damage the unborn child. Suspected of damaging fertility', 'health hazard'),
  H361: warning('Suspected of damaging fertility or the unborn child', 'health hazard'),
  H361f: warning('Suspected of damaging fertility', 'health hazard'),
  H361d: warning('Suspected of damaging the unborn child', 'health hazard'),
  H361fd: warning(
    'Suspected of damaging fertility. Suspected of damaging the unborn child',
    'health hazard',
  ),
  H362: { text: 'May cause harm to breast-fed children' },
  H370: danger('Causes damage to organs', 'health hazard'),
  H371: warning('May cause damage to organs', 'health hazard'),
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
  EUH031: { text: 'Contact with acids liberates toxic gas' },
  EUH032: { text: 'Contact with acids liberates very toxic gas' },
} as const satisfies Record<string, Statement>;

export type HazardCode = keyof typeof statements;

const statementOf = (code: HazardCode): Statement => statements[code];

/** The words of a statement. */
export function statementText(code: HazardCode): string {
  return statementOf(code).text;
}

/** Statements from the worst for somebody at a bench to the least; what harms metals or waters comes last. */
const worstFirst: readonly HazardCode[] = [
  ...(['H330', 'H310', 'H300', 'H271', 'H250', 'H260', 'H270', 'H220'] as const),
  ...(['H331', 'H311', 'H301', 'H350', 'H350i', 'H340'] as const),
  ...([
    'H360',
    'H360FD',
    'H360F',
    'H360D',
    'H360Df',
    'H334',
    'H372',
    'H314',
    'H318',
    'H304',
  ] as const),
  ...(['H225', 'H228', 'H251', 'H261', 'H272', 'EUH032', 'EUH031'] as const),
  ...(['H351', 'H341', 'H361', 'H361fd', 'H361f', 'H361d', 'H371', 'H373', 'H362'] as const),
  ...(['H332', 'H312', 'H302', 'H226', 'H317', 'H335', 'H336', 'H319', 'H315', 'H290'] as const),
  ...(['H410', 'H400', 'H411', 'H412', 'H413'] as const),
];

/** A set of statements, each once and the worst first; one that another includes is left out (CLP, Article 27). */
export function inOrder(codes: Iterable<HazardCode>): HazardCode[] {
  const there = new Set(codes);
  if (there.has('H314')) for (const less of ['H318', 'H315', 'H319'] as const) there.delete(less);
  if (there.has('H318')) there.delete('H319');
  if (there.has('H410')) there.delete('H400');
  if (there.has('H372')) there.delete('H373');
  return worstFirst.filter((code) => there.has(code));
}

const skinAndEyes: readonly HazardCode[] = ['H315', 'H319'];
const allergyToo: readonly HazardCode[] = [...skinAndEyes, 'H317'];

/**
 * The pictograms of a set of statements, each once, by the order of precedence (CLP, Article 26): a skull makes the exclamation
 * mark superfluous; corrosion does so for skin and eyes only, and the health hazard of an inhaled allergen for skin, eyes and
 * allergies of the skin.
 */
export function pictogramsOf(codes: readonly HazardCode[]): Pictogram[] {
  const found = new Set(
    codes.map((code) => statementOf(code).pictogram).filter((one) => one !== undefined),
  );
  const excused = new Set<HazardCode>([
    ...(found.has('corrosion') ? skinAndEyes : []),
    ...(codes.includes('H334') ? allergyToo : []),
  ]);
  const exclaimed = codes.filter((code) => statementOf(code).pictogram === 'exclamation');
  if (found.has('skull') || exclaimed.every((code) => excused.has(code)))
    found.delete('exclamation');
  return pictogramOrder.filter((one) => found.has(one));
}

/** Pictograms from the worst on, as the statements stand. */
const pictogramOrder: readonly Pictogram[] = [
  ...(['skull', 'health hazard', 'corrosion', 'oxidiser', 'flame'] as const),
  ...(['exclamation', 'environment'] as const),
];

/** The numbers of the pictograms in the published standard. */
export const pictogramCodes: Readonly<Record<Pictogram, string>> = {
  flame: 'GHS02',
  oxidiser: 'GHS03',
  corrosion: 'GHS05',
  skull: 'GHS06',
  exclamation: 'GHS07',
  'health hazard': 'GHS08',
  environment: 'GHS09',
};

/** The signal word of a set of statements; some carry none. */
export function signalWord(codes: readonly HazardCode[]): Signal | undefined {
  const words = codes.map((code) => statementOf(code).signal);
  return words.includes('Danger') ? 'Danger' : words.find((word) => word !== undefined);
}
