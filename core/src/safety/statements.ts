/** GHS hazard statements (UN GHS Rev. 9, Annex 3; wording recalled from memory), by code. */
export const hazardStatements = {
  H272: 'May intensify fire; oxidizer',
  H290: 'May be corrosive to metals',
  H301: 'Toxic if swallowed',
  H302: 'Harmful if swallowed',
  H312: 'Harmful in contact with skin',
  H314: 'Causes severe skin burns and eye damage',
  H315: 'Causes skin irritation',
  H317: 'May cause an allergic skin reaction',
  H318: 'Causes serious eye damage',
  H319: 'Causes serious eye irritation',
  H330: 'Fatal if inhaled',
  H332: 'Harmful if inhaled',
  H334: 'May cause allergy or asthma symptoms or breathing difficulties if inhaled',
  H335: 'May cause respiratory irritation',
  H340: 'May cause genetic defects',
  H341: 'Suspected of causing genetic defects',
  H350: 'May cause cancer',
  H360: 'May damage fertility or the unborn child',
  H372: 'Causes damage to organs through prolonged or repeated exposure',
  H373: 'May cause damage to organs through prolonged or repeated exposure',
  H410: 'Very toxic to aquatic life with long lasting effects',
  H411: 'Toxic to aquatic life with long lasting effects',
  H412: 'Harmful to aquatic life with long lasting effects',
} as const;

export type HazardCode = keyof typeof hazardStatements;

/** GHS pictograms in words; the interface draws its own. */
export type Pictogram =
  'oxidiser' | 'corrosion' | 'skull' | 'exclamation' | 'health hazard' | 'environment';

const pictogramOf: Readonly<Record<HazardCode, Pictogram | undefined>> = {
  H272: 'oxidiser',
  H290: 'corrosion',
  H301: 'skull',
  H302: 'exclamation',
  H312: 'exclamation',
  H314: 'corrosion',
  H315: 'exclamation',
  H317: 'exclamation',
  H318: 'corrosion',
  H319: 'exclamation',
  H330: 'skull',
  H332: 'exclamation',
  H334: 'health hazard',
  H335: 'exclamation',
  H340: 'health hazard',
  H341: 'health hazard',
  H350: 'health hazard',
  H360: 'health hazard',
  H372: 'health hazard',
  H373: 'health hazard',
  H410: 'environment',
  H411: 'environment',
  H412: undefined,
};

/** Statements that carry the signal word Danger; the others carry Warning. */
const dangerous: readonly HazardCode[] = [
  'H272',
  'H301',
  'H314',
  'H318',
  'H330',
  'H334',
  'H340',
  'H350',
  'H360',
  'H372',
];

/** The pictograms of a set of statements, each once; a skull or corrosion makes the exclamation mark superfluous. */
export function pictogramsOf(codes: readonly HazardCode[]): Pictogram[] {
  const found = new Set(codes.map((code) => pictogramOf[code]).filter((one) => one !== undefined));
  if (found.has('skull') || (found.has('corrosion') && !codes.includes('H317')))
    found.delete('exclamation');
  return [...found];
}

/** The signal word of a set of statements. */
export function signalWord(codes: readonly HazardCode[]): 'Danger' | 'Warning' | undefined {
  if (codes.length === 0) return undefined;
  return codes.some((code) => dangerous.includes(code)) ? 'Danger' : 'Warning';
}
