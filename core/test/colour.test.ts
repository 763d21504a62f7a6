import { converter, formatHex } from 'culori';
import { describe, expect, it } from 'vitest';
import {
  colourPhrases,
  mixHex,
  nameColour,
  phraseDistance,
  phraseHex,
} from '../src/seeing/appearance/colourWords';
import {
  bandAbsorptivity,
  formShares,
  solutionColour,
} from '../src/seeing/appearance/solutionColour';
import {
  transmittedHex,
  tristimulus,
  wavelengthsNm,
} from '../src/seeing/appearance/spectrumColour';
import { mix } from '../src/seeing/rack/mix';
import { spectra } from '../src/matter/substances/data/spectra';
import { bench, lastOf, portion } from './support/bench';

const tube = (...portions: string[]) =>
  mix({ vessel: { contents: portions.map(portion), container: 'testTube' } }).steps[0]?.state;

/** Colours of solutions as any general or inorganic chemistry text describes them (Greenwood and Earnshaw; Vogel; recalled). */
const known: readonly (readonly [RegExp, ...string[]])[] = [
  [/blue$/, 'CuSO4 0.5M'],
  [/pale blue$/, 'CuSO4 0.05M'],
  [/deep blue|violet$/, 'CuSO4 0.05M', 'NH3 4M'],
  [/blue$/, 'CuSO4 0.02M', 'NaOH 8M'],
  [/green$|yellow-green$/, 'CuCl2 0.2M 4mL', 'HCl 12M 4mL'],
  [/pink$/, 'CoCl2 0.2M'],
  [/pink$/, 'Co(NO3)2 0.5M'],
  [/blue$/, 'CoCl2 0.1M 1mL', 'HCl 12M 6mL'],
  [/green$/, 'NiSO4 0.5M'],
  [/blue$|violet$/, 'NiSO4 0.2M', 'NH3 6M'],
  [/pale (yellow-)?green$/, 'FeSO4 1M'],
  [/yellow$|orange$/, 'FeCl3 0.2M'],
  [/red$|red-brown$/, 'FeCl3 0.005M', 'KSCN 0.01M'],
  [/yellow$/, 'K3Fe(CN)6 0.02M'],
  [/pale yellow$/, 'K4Fe(CN)6 0.3M'],
  [/violet$/, 'FeCl3 0.01M', 'C6H5OH 0.2M'],
  [/purple$/, 'KMnO4 0.005M'],
  [/pink$/, 'KMnO4 0.00015M'],
  [/^colourless$/, 'MnSO4 0.2M'],
  [/blue$|violet$|green$/, 'Cr(NO3)3 0.1M', 'HNO3 0.1M'],
  [/green$/, 'Cr(NO3)3 0.05M', 'NaOH 4M'],
  [/yellow$/, 'K2CrO4 0.1M'],
  [/orange$/, 'K2Cr2O7 0.1M'],
  [/orange$/, 'K2CrO4 0.2M', 'H2SO4 1M'],
  [/yellow$/, 'K2Cr2O7 0.05M', 'NaOH 1M'],
  [/blue$/, 'VOSO4 0.2M'],
  [/yellow$/, 'NH4VO3 0.03M', 'H2SO4 2M'],
  [/orange$|yellow$/, 'TiOSO4 0.02M', 'H2SO4 1M', 'H2O2 0.2M'],
  [/yellow$|orange$/, '(NH4)2Ce(NO3)6 0.1M', 'HNO3 1M'],
  [/orange$|red-brown$|red$/, 'Br2 0.1M'],
  [/yellow$|orange$|brown$/, 'Br2 0.01M'],
  [/brown$|orange$|red$/, 'KI 0.2M', 'I2 0.012g'],
  [/orange$|yellow$/, 'Bi(NO3)3 0.0005M', 'HNO3 1M', 'KI 1M'],
  [/violet$|blue$/, 'CuSO4 0.02M', 'NH3 2M'],
  [/^colourless$/, 'NaCl 1M'],
  [/^colourless$/, 'ZnSO4 1M'],
  [/^colourless$/, 'AgNO3 0.1M'],
  [/^colourless$/, 'Pb(NO3)2 0.1M'],
  [/^colourless$/, 'AlCl3 0.5M'],
  [/^colourless$/, 'MgSO4 1M'],
  [/^colourless$/, 'HNO3 4M'],
  [/^colourless$/, 'NH3 4M'],
  [/red$|orange$|brown$/, 'FeCl3 0.01M', 'NaCH3COO 0.5M', 'CH3COOH 0.5M'],
];

describe('known colours of solutions', () => {
  it.each(known.map(([word, ...portions]) => [portions.join(' + '), word, portions] as const))(
    '%s: %s',
    (_, word, portions) => expect(tube(...portions)?.colour).toMatch(word),
  );
  it('are at least forty', () => expect(known.length).toBeGreaterThanOrEqual(40));
});

describe('indicators', () => {
  // Colours and ranges from the CRC Handbook’s table of acid–base indicators (recalled).
  it.each([
    ['phenolphthalein', 'HCl 0.01M', /^colourless$/],
    ['phenolphthalein', 'NaOH 0.01M', /pink$|violet$/],
    ['methyl orange', 'HCl 0.01M', /red$|pink$|orange$/],
    ['methyl orange', 'NaOH 0.01M', /yellow$|orange$/],
    ['methyl red', 'HCl 0.01M', /red$|pink$/],
    ['methyl red', 'NaOH 0.01M', /yellow$/],
    ['bromothymol blue', 'HCl 0.01M', /yellow$/],
    ['bromothymol blue', 'NaOH 0.01M', /blue$/],
    ['bromocresol green', 'HCl 0.01M', /yellow$/],
    ['bromocresol green', 'NaOH 0.01M', /blue$/],
    ['bromophenol blue', 'HCl 0.1M', /yellow$/],
    ['bromophenol blue', 'NaOH 0.01M', /blue$|violet$/],
    ['thymol blue', 'HCl 1M', /red$|pink$/],
    ['thymol blue', 'CH3COOH 0.001M', /yellow$/],
    ['thymol blue', 'NaOH 0.01M', /blue$/],
    ['phenol red', 'HCl 0.01M', /yellow$/],
    ['phenol red', 'NaOH 0.01M', /red$|pink$|purple$/],
    ['thymolphthalein', 'HCl 0.01M', /^colourless$/],
    ['thymolphthalein', 'NaOH 0.1M', /blue$/],
    ['alizarin yellow', 'HCl 0.01M', /yellow$/],
    ['alizarin yellow', 'NaOH 0.1M', /orange$|red$|pink$/],
    ['litmus', 'HCl 0.01M', /red$|pink$/],
    ['litmus', 'NaOH 0.01M', /blue$/],
    ['universal indicator', 'HCl 0.1M', /red$|pink$/],
    ['universal indicator', 'CH3COOH 0.001M', /orange$|yellow$/],
    ['universal indicator', 'water 5mL', /green$/],
    ['universal indicator', 'NaHCO3 0.1M', /green$|blue$/],
    ['universal indicator', 'NH3 0.01M', /blue$|violet$/],
    ['universal indicator', 'NaOH 0.1M', /violet$/],
  ])('%s in %s: %s', (name, liquid, word) => {
    const state = tube(liquid, `${name} 2drops`);
    expect(state?.colour).toMatch(word);
  });

  it('change where the pH passes their pKa', () => {
    const [, before, after] = bench(
      'HCl 0.1M 10mL + bromothymol blue 2drops',
      'NaOH 0.1M 9.9mL',
      'NaOH 0.1M 0.2mL',
    );
    expect(before?.state.colour).toMatch(/yellow$/);
    expect(after?.state.colour).toMatch(/blue$/);
    expect(formShares([7.1], 7.1)).toEqual([0.5, 0.5]);
    expect(formShares([4, 8], 6)[1]).toBeGreaterThan(0.97);
  });
});

describe('absorption', () => {
  // Published maxima in water, nm, with molar absorptivity, L/(mol cm) (Lever; Cotton and Wilkinson; Harris; recalled).
  it.each([
    ['MnO4^-', 525, 2350],
    ['Cr2O7^2-', 440, 520],
    ['Cu(NH3)4^2+', 600, 53],
    ['FeSCN^2+', 450, 4400],
    ['Co^2+', 512, 5],
    ['Ni^2+', 394, 5.2],
    ['Cr^3+', 575, 13.4],
    ['VO^2+', 763, 17],
    ['Fe(CN)6^3-', 420, 1040],
    ['I2', 460, 746],
    ['CoCl4^2-', 690, 600],
    ['TiO(H2O2)^2+', 410, 720],
  ])('of %s at %i nm is about %d', (formula, nm, published) => {
    const bands = spectra.find((row) => row.formula === formula)?.bands ?? [];
    const total = bands.reduce((sum, band) => sum + bandAbsorptivity(band, nm), 0);
    expect(Math.abs(total / published - 1)).toBeLessThan(0.2);
  });

  it('follows Beer–Lambert: twice the path is twice the concentration', () => {
    expect(solutionColour({ 'Cu^2+': 0.1 }, 2).hex).toBe(solutionColour({ 'Cu^2+': 0.2 }, 1).hex);
  });
});

describe('starch and iodine (Vogel)', () => {
  const withStarch = (start: string, ...then: string[]) =>
    lastOf(`${start} + starch 2drops`, ...then).state.colour;

  it('is blue-black from about 1e-5 mol/L of iodine in iodide, and colourless without', () => {
    expect(withStarch('KI 0.1M + NaClO 0.0001M')).toMatch(/blue|black/);
    expect(withStarch('KI 0.1M')).toBe('colourless');
    expect(withStarch('KI 0.1M + NaClO 0.001M', 'Na2S2O3 0.1M')).toBe('colourless');
  });

  it('fades when it is heated and comes back when it cools', () => {
    const [cold, hot, again] = bench(
      'KI 0.1M + NaClO 0.0001M + starch 1drops',
      'heat 90',
      'cool 20',
    );
    const darkness = (hex = '#ffffff') => 255 - Number.parseInt(hex.slice(1, 3), 16);
    expect(darkness(hot?.state.liquidHex)).toBeLessThan(0.33 * darkness(cold?.state.liquidHex));
    expect(again?.state.colour).toBe(cold?.state.colour);
  });
});

describe('from spectrum to colour', () => {
  const toXyz = converter('xyz65');
  const chromaticity = ([x, y, z]: readonly number[]) => {
    const total = (x ?? 0) + (y ?? 0) + (z ?? 0);
    return [(x ?? 0) / total, (y ?? 0) / total];
  };
  const line = (nm: number) => wavelengthsNm.map((one) => (one === nm ? 1 : 0));

  // CIE 1931 2° observer, chromaticity of monochromatic light, and of D65 (CIE 15, recalled).
  it.each([
    [460, 0.144, 0.0297],
    [520, 0.0743, 0.8338],
    [550, 0.3016, 0.6923],
    [600, 0.627, 0.3725],
    [640, 0.719, 0.2809],
  ])('%i nm lies where the spectral locus has it', (nm, x, y) => {
    const found = chromaticity(tristimulus(line(nm)));
    expect(Math.hypot((found[0] ?? 0) - x, (found[1] ?? 0) - y)).toBeLessThan(0.025);
  });
  it('full transmittance has the chromaticity of D65', () => {
    const [x = 0, y = 0] = chromaticity(tristimulus(wavelengthsNm.map(() => 1)));
    expect(Math.hypot(x - 0.3127, y - 0.329)).toBeLessThan(0.004);
  });

  it.each([1, 0.5, 0.18, 0.02, 0])(
    'a grey filter of %d is the grey that culori makes of what two walls of glass let through',
    (filter) => {
      // Fresnel: 4 % is turned back at each outer surface; half a percent of the light of the room is thrown back.
      const t = 0.92 * filter + 0.005;
      const expected = formatHex({ mode: 'lrgb', r: t, g: t, b: t });
      const found = transmittedHex(wavelengthsNm.map(() => filter));
      const distance = Math.abs((toXyz(found)?.y ?? 0) - (toXyz(expected)?.y ?? 0));
      expect(distance).toBeLessThan(0.005);
    },
  );

  it('passes white light without a hue and none as black', () => {
    expect(nameColour(transmittedHex(wavelengthsNm.map(() => 1)))).toBe('colourless');
    expect(nameColour(transmittedHex(wavelengthsNm.map(() => 0)))).toBe('black');
  });

  it('mixes and measures as culori does', () => {
    const toOklab = converter('oklab');
    const mixed = toOklab(mixHex('#ff0000', '#0000ff', 0.5));
    const [a, b] = [toOklab('#ff0000'), toOklab('#0000ff')];
    expect(mixed?.l).toBeCloseTo(((a?.l ?? 0) + (b?.l ?? 0)) / 2, 1);
    expect(phraseDistance('white', 'white')).toBe(0);
    for (const phrase of colourPhrases) expect(phraseHex(phrase)).toMatch(/^#[0-9a-f]{6}$/);
  });
});
