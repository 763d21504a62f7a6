import { beforeAll, describe, expect, it } from 'vitest';
import { readStructure } from '../src/matter/structure/readStructure';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { teachingCompounds } from '../src/matter/substances/data/teachingCompounds';
import { allCompounds, findCompound } from '../src/studies/identify/organic/compounds';
import { organicClass, readClass } from '../src/studies/identify/organic/organicClass';
import { expectedOutcome } from '../src/studies/identify/organic/organicModel';
import { waterBySize } from '../src/studies/identify/organic/rules/solubility';
import type { Compound } from '../src/studies/identify/organic/compound';

describe('structures are read', () => {
  it.each(teachingCompounds.map((row) => [row.name, row.smiles, row.formula]))(
    // Structure library against the formula written down by hand, two ways to the same composition.
    '%s is %s, %s',
    async (_, smiles, formula) => {
      const structure = await readStructure(smiles);
      expect(structure.atoms).toEqual(parseFormula(formula).elements);
      expect(structure.molarMassGPerMol).toBeCloseTo(molarMassOf(formula), 6);
    },
  );

  it('tells the same structure in two spellings as one', async () => {
    const [one, other] = await Promise.all([readStructure('OCC'), readStructure('C(O)C')]);
    expect(one.smiles).toBe(other.smiles);
  });

  it.each([
    ['C1CC', /ring closure/],
    ['xyz', /unknown element/],
    ['', /nothing is written/],
    ['C(C)(C)(C)(C)C', /more bonds/],
    ['C'.repeat(301), /longer than 300/],
  ])('refuses %s in words', async (smiles, why) => {
    await expect(readStructure(smiles)).rejects.toThrow(why);
    await expect(readStructure(smiles)).rejects.toMatchObject({ code: 'badStructure' });
  });
});

let byName: ReadonlyMap<string, Compound>;
beforeAll(async () => {
  byName = new Map((await allCompounds()).map((one) => [one.name, one]));
});
const named = (name: string): Compound => {
  const found = byName.get(name);
  if (!found) throw new Error(`${name} is not listed`);
  return found;
};

describe('the list of compounds', () => {
  it('has at least 150, each under its own names', () => {
    expect(teachingCompounds.length).toBeGreaterThanOrEqual(150);
    const names = teachingCompounds.flatMap((row) => [
      row.name,
      ...('alsoCalled' in row ? row.alsoCalled : []),
    ]);
    expect(new Set(names.map((name) => name.toLowerCase())).size).toBe(names.length);
  });

  it('boils above where it melts', () => {
    for (const row of teachingCompounds)
      if ('boilsC' in row && 'meltsC' in row)
        expect(row.boilsC, row.name).toBeGreaterThan(row.meltsC);
  });

  it('is found by another name, in any case, and suggests the nearest', async () => {
    expect((await findCompound('Acetone')).name).toBe('propanone');
    await expect(findCompound('acetofenone')).rejects.toMatchObject({
      code: 'unknownCompound',
      remedy: expect.stringContaining('acetophenone') as unknown,
    });
  });

  it('takes a structure under any name, and knows what is tabulated of one that is listed', async () => {
    const own = await findCompound({ name: 'jar 7', smiles: 'O=Cc1ccccc1' });
    expect(own).toMatchObject({ name: 'jar 7', boilsC: 179 });
    const strange = await findCompound({ name: 'jar 8', smiles: 'CCCCCCCCCC(=O)C' });
    expect(strange.boilsC).toBeUndefined();
    expect(expectedOutcome(strange, 'iodoform')?.outcome).toBe('positive');
  });

  it('is sorted into classes as textbooks do', () => {
    const classes: Record<string, string> = {
      ethanol: 'alcohol',
      benzaldehyde: 'aldehyde',
      propanone: 'ketone',
      'benzoic acid': 'carboxylic acid',
      '2-hydroxybenzoic acid': 'carboxylic acid',
      phenol: 'phenol',
      aniline: 'amine',
      pyridine: 'amine',
      'ethyl ethanoate': 'ester',
      'N-phenylethanamide': 'amide',
      glucose: 'carbohydrate',
      sucrose: 'carbohydrate',
      'aminoethanoic acid': 'amino acid',
      nitrobenzene: 'nitro compound',
      ethanenitrile: 'nitrile',
      bromobenzene: 'halide',
      'diethyl ether': 'ether',
      cyclohexene: 'alkene or alkyne',
      naphthalene: 'aromatic hydrocarbon',
      hexane: 'alkane',
      'ethanoic anhydride': 'acid derivative',
    };
    for (const [name, wanted] of Object.entries(classes))
      expect(organicClass(named(name).structure), name).toBe(wanted);
    expect(readClass('Ketones')).toBe('ketone');
    expect(readClass('alkenes')).toBe('alkene or alkyne');
  });

  it('agrees with the rule of size and branching in nine of ten tabulated solubilities', () => {
    const judged = [...byName.values()].filter(({ waterGPer100Ml: water }) => water !== undefined);
    const wrong = judged.filter(({ structure, waterGPer100Ml: water }) => {
      const byRule = waterBySize(structure);
      const soluble = water === 'miscible' || (water ?? 0) >= 3;
      return byRule.chance === 1 && (byRule.outcome === 'soluble') !== soluble;
    });
    expect(wrong.length / judged.length, wrong.map(({ name }) => name).join(', ')).toBeLessThan(
      0.1,
    );
  });
});

describe('what the tests show', () => {
  /**
   * From the tables of class tests and the solubility flow chart in Shriner, Hermann, Morrill, Curtin and Fuson, The Systematic
   * Identification of Organic Compounds, and Vogel’s Textbook of Practical Organic Chemistry; recalled from memory.
   * `+` positive or soluble, `-` negative or insoluble.
   */
  const textbook: Record<string, string> = {
    water:
      '+ethanol +propanone +2-methylpropan-2-ol +glucose +ethanoic acid +diethylamine +ethyl ethanoate +diethyl ether -hexan-1-ol -benzaldehyde -benzoic acid -hexane -naphthalene -1-bromobutane -octan-1-ol -4-methylphenol',
    base: '+benzoic acid +4-methylphenol +naphthalen-2-ol +3-phenylprop-2-enoic acid -cyclohexene -benzaldehyde -N,N-dimethylaniline -hexan-1-ol -naphthalene -nitrobenzene',
    bicarbonate:
      '+benzoic acid +ethanoic acid +2-hydroxybenzoic acid -phenol -naphthalen-2-ol -ethanol -4-methylphenol',
    acid: '+4-methylaniline +N,N-dimethylaniline +dibutylamine +2-methylaniline -benzamide -naphthalene -diphenylamine -nitrobenzene -benzoic acid -N-phenylethanamide',
    sulfuric:
      '+hexan-1-ol +benzaldehyde +benzophenone +cyclohexene +dibutyl ether +ethyl benzoate +nitrobenzene -hexane -cyclohexane -methylbenzene -chlorobenzene -1-bromobutane',
    cericNitrate:
      '+ethanol +propan-2-ol +2-methylpropan-2-ol +phenylmethanol +cyclohexanol -propanone -hexane -ethyl ethanoate -phenol',
    chromicAcid:
      '+ethanol +cyclohexanol +propan-2-ol +butanal +benzaldehyde -2-methylpropan-2-ol -2-methylbutan-2-ol -triphenylmethanol -propanone -ethyl ethanoate',
    dnp: '+propanone +benzaldehyde +cyclohexanone +acetophenone +butanal +benzophenone -ethanol -ethyl ethanoate -benzoic acid -benzamide',
    iodoform:
      '+propanone +ethanol +propan-2-ol +ethanal +butan-2-ol +acetophenone +1-phenylethanol +butanone -methanol -propan-1-ol -pentan-3-one -benzaldehyde -2-methylpropan-2-ol -ethanoic acid -cyclohexanone',
    silverMirror:
      '+benzaldehyde +butanal +glucose +fructose +ethanal -propanone -acetophenone -sucrose -ethanol',
    silverMirrorCold: '+butanal +ethanal -benzaldehyde -propanone',
    fehling:
      '+butanal +ethanal +glucose +lactose -benzaldehyde -4-methoxybenzaldehyde -propanone -sucrose',
    bromineWater:
      '+cyclohexene +phenol +aniline +4-methylphenol +hex-1-yne +limonene -hexane -cyclohexane -methylbenzene -propanone -ethanoic acid',
    permanganate:
      '+cyclohexene +hex-1-ene +3-phenylprop-2-enoic acid +phenylethene -hexane -methylbenzene -propanone -ethanoic acid',
    ferricChloride:
      '+phenol +2-hydroxybenzoic acid +3-methylphenol +benzene-1,3-diol +2-hydroxybenzaldehyde -ethanol -benzoic acid -2-acetoxybenzoic acid -aniline',
    hydroxamate:
      '+ethyl ethanoate +methyl benzoate +ethanoic anhydride -ethanoic acid -propanone -ethanol',
    beilstein: '+chlorobenzene +1-bromobutane +trichloromethane -hexane -ethanol',
    silverNitrateEthanol:
      '+2-bromo-2-methylpropane +2-chloro-2-methylpropane +(chloromethyl)benzene +benzoyl chloride -chlorobenzene -bromobenzene -1-chlorobutane',
    azoDye: '+aniline +4-methylaniline -N-methylaniline -butan-1-amine -N,N-dimethylaniline',
    ironHydroxide: '+nitrobenzene +1,3-dinitrobenzene -aniline -benzoic acid',
    ninhydrin: '+aminoethanoic acid +2-aminopropanoic acid -benzoic acid',
    molisch: '+glucose +sucrose -ethanol -benzoic acid',
    ammoniaOnBoiling: '+benzamide +ethanamide +carbamide -benzoic acid -ethyl ethanoate',
  };
  const cases = Object.entries(textbook).flatMap(([test, line]) =>
    line.split(/ (?=[+-])/).map((one) => [test, one.slice(1), one.startsWith('+')] as const),
  );

  it('is checked on at least sixty pairs', () => expect(cases.length).toBeGreaterThan(150));

  it.each(cases)('%s of %s: %s', (test, name, yes) => {
    const outcome = expectedOutcome(named(name), test)?.outcome;
    expect(['positive', 'soluble'].includes(outcome ?? '')).toBe(yes);
  });

  it.each([
    ['lucas', '2-methylpropan-2-ol', 'at once'],
    ['lucas', 'butan-2-ol', 'within minutes'],
    ['lucas', 'butan-1-ol', 'no cloud'],
    ['hinsberg', 'aniline', 'primary'],
    ['hinsberg', 'N-methylaniline', 'secondary'],
    ['hinsberg', 'N,N-dimethylaniline', 'tertiary'],
    ['burning', 'methylbenzene', 'sooty flame'],
    ['burning', 'ethanol', 'blue flame'],
    ['burning', 'heptane', 'yellow flame'],
    ['burning', 'sucrose', 'chars'],
    ['burning', 'trichloromethane', 'does not burn'],
    ['appearance', 'naphthalene', 'white solid'],
    ['appearance', 'nitrobenzene', 'coloured liquid'],
  ])('%s of %s: %s', (test, name, outcome) => {
    expect(expectedOutcome(named(name), test)?.outcome).toBe(outcome);
  });
});
