import { dropsOf, kit, liquid, pour, solid, test, vessels, water, write } from './write';

const classTest =
  'Class tests of organic compounds are outside the vessel’s engine; the outcome is read off beside a blank.';

const organic = write({
  id: 'jar-without-a-label',
  name: 'A jar without a label: solubility first',
  kind: 'organicUnknown',
  purpose:
    'A liquid unknown is narrowed down by what it dissolves in, before any class test is spent on it.',
  vessels: vessels(
    'testTube',
    'water',
    'hexane as control',
    'alkali',
    'acid',
    'class test',
    'blank',
  ),
  apparatus: kit({ 'dropping pipette': 6, 'test-tube rack': 1, stopper: 4, label: 6 }),
  steps: [
    {
      id: 'water',
      text: 'Ten drops of the unknown (here: propanone) in water, shaken. A film may be the meniscus: add more before deciding.',
      events: [water('water', 2), liquid('water', 'C3H6O', 0.5)],
      minutes: 3,
      attended: true,
      caution: 'Treat an unknown as flammable and harmful: no flame, gloves.',
      record: ['one layer or two'],
    },
    {
      id: 'control',
      text: 'Beside it a liquid that is known not to dissolve, to see what two layers look like.',
      events: [water('hexane as control', 2), liquid('hexane as control', 'C6H14', 0.5)],
      minutes: 2,
      attended: true,
      record: ['one layer or two'],
    },
    {
      id: 'alkali',
      text: 'If it did not dissolve: fresh sample in dilute sodium hydroxide.',
      events: [pour('alkali', 'NaOH', 1.5, 2), liquid('alkali', 'C6H14', 0.5)],
      minutes: 2,
      attended: true,
      caution: 'Sodium hydroxide burns eyes: goggles.',
      record: ['one layer or two'],
    },
    {
      id: 'acid',
      text: 'If not: fresh sample in dilute hydrochloric acid.',
      events: [pour('acid', 'HCl', 1.5, 2), liquid('acid', 'C6H14', 0.5)],
      minutes: 2,
      attended: true,
      record: ['one layer or two'],
    },
    {
      id: 'sulfuric',
      text: 'If not: instructor only, concentrated sulfuric acid in the hood. Yellowing is noted; only dissolving counts.',
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      notPredicted: 'Dissolving in concentrated sulfuric acid by protonation is outside the model.',
      caution:
        'Concentrated sulfuric acid chars and burns; with an unknown it may spit. Drops, not millilitres.',
      record: ['one layer or two', 'warm, coloured'],
    },
    {
      id: 'dnp',
      text: 'First class test: drops of dinitrophenylhydrazine reagent, with the sample and beside it a blank without.',
      minutes: 4,
      attended: true,
      notPredicted: classTest,
      caution: 'The reagent is toxic and stains: gloves.',
      record: ['solid and its colour', 'blank'],
    },
    {
      id: 'iodoform',
      text: 'Second: iodine in alkali, warm by hand.',
      minutes: 5,
      attended: true,
      notPredicted: classTest,
      record: ['solid and its colour', 'smell noticed', 'blank'],
    },
  ],
  questions: [
    'Which classes are left after each step?',
    'Which result would you repeat before believing it?',
  ],
  disposal: 'Organic layers to flammable solvent waste; iodoform tube to halogenated waste.',
});

const flames = write({
  id: 'five-flames',
  name: 'Five flames',
  kind: 'inorganicUnknown',
  purpose: 'The colour a metal gives to a flame, with the blank wire first, and what sodium hides.',
  vessels: vessels('dish', 'Li', 'Na', 'K', 'Ca', 'Cu', 'mixture'),
  apparatus: kit({ 'nichrome loop': 6, 'blue glass': 1, 'watch glass': 6 }),
  steps: [
    {
      id: 'blank',
      text: 'Clean the loop in acid and burn it out until it no longer colours the flame.',
      minutes: 3,
      attended: true,
      uses: { burner: 1 },
      caution: 'Tie back hair and sleeves.',
      record: ['flame of the clean loop'],
    },
    ...(
      [
        ['Li', 'LiCl'],
        ['Na', 'NaCl'],
        ['K', 'KCl'],
        ['Ca', 'CaCl2'],
        ['Cu', 'CuCl2'],
      ] as const
    ).map(([dish, formula]) => ({
      id: dish,
      text: `${dish}: dip the loop in the moist salt and hold it in the edge of the flame.`,
      events: [solid(dish, formula, 0.1), test(dish, 'flame')],
      minutes: 2,
      attended: true,
      uses: { burner: 1 },
      needs: [{ step: 'blank', because: 'a dirty loop shows the last salt' }],
      record: ['colour of the flame'],
    })),
    {
      id: 'mixture',
      text: 'A mixture of sodium and potassium chloride: with and without the blue glass.',
      events: [
        solid('mixture', 'NaCl', 0.05),
        solid('mixture', 'KCl', 0.1),
        test('mixture', 'flame'),
      ],
      minutes: 2,
      attended: true,
      uses: { burner: 1 },
      record: ['colour', 'colour through blue glass'],
    },
  ],
  questions: ['Why the blank first?', 'Which metals does this test not find?'],
  disposal: 'Copper salt to the heavy-metal bottle, the rest rinsed away.',
});

const cations = [
  ['iron(II)', 'FeSO4', 'iron(II) sulfate'],
  ['iron(III)', 'FeCl3', 'iron(III) chloride'],
  ['copper(II)', 'CuSO4', 'copper(II) sulfate'],
  ['zinc', 'ZnSO4', 'zinc sulfate'],
  ['aluminium', 'Al2(SO4)3', 'aluminium sulfate'],
  ['magnesium', 'MgSO4', 'magnesium sulfate'],
] as const;
const hydroxides = write({
  id: 'six-hydroxides',
  name: 'Six hydroxides, and which dissolve again',
  kind: 'inorganicUnknown',
  purpose:
    'Known metal ions are treated with sodium hydroxide, first a little, then too much, to make the key by which unknowns are read.',
  vessels: vessels('testTube', ...cations.map(([ion]) => ion)),
  apparatus: kit({ 'dropping pipette': 7, 'test-tube rack': 1, 'black card': 1 }),
  steps: cations.flatMap(([ion, formula, name]) => [
    {
      id: `${formula}-little`,
      text: `${name}: a few drops of sodium hydroxide.`,
      events: [pour(ion, formula, 0.1, 2), dropsOf(ion, 'NaOH', 1, 8)],
      minutes: 1,
      attended: true,
      caution: 'Sodium hydroxide burns eyes: goggles.',
      record: ['colour and texture of the solid'],
    },
    {
      id: `${formula}-excess`,
      text: `${name}: then a few millilitres more.`,
      events: [pour(ion, 'NaOH', 2, 4)],
      minutes: 1,
      attended: true,
      record: ['does it dissolve again?'],
    },
  ]),
  questions: [
    'Which hydroxides are amphoteric?',
    'Which two cannot be told apart by this test alone, and what would?',
  ],
  disposal: 'All tubes to the heavy-metal bottle.',
});

const halides = write({
  id: 'three-halides',
  name: 'Three halides told apart',
  kind: 'inorganicUnknown',
  purpose:
    'Chloride, bromide and iodide with silver nitrate, and then with ammonia, which only one of them dissolves in easily.',
  vessels: vessels('testTube', 'chloride', 'bromide', 'iodide', 'blank'),
  apparatus: kit({ 'dropping pipette': 4, 'test-tube rack': 1, 'black card': 1 }),
  steps: [
    {
      id: 'blank',
      text: 'A blank: distilled water with nitric acid and silver nitrate. It must stay clear, or the water is not fit.',
      events: [
        water('blank', 2),
        dropsOf('blank', 'HNO3', 1, 4),
        dropsOf('blank', 'AgNO3', 0.05, 10),
      ],
      minutes: 1,
      attended: true,
      caution: 'Silver nitrate stains skin and burns eyes: gloves and goggles.',
      record: ['clear or cloudy'],
    },
    ...(
      [
        ['chloride', 'NaCl'],
        ['bromide', 'KBr'],
        ['iodide', 'KI'],
      ] as const
    ).flatMap(([tube, formula]) => [
      {
        id: `${tube}-silver`,
        text: `The ${tube}, acidified, and silver nitrate.`,
        events: [
          pour(tube, formula, 0.05, 2),
          dropsOf(tube, 'HNO3', 0.2, 2),
          dropsOf(tube, 'AgNO3', 0.05, 16),
        ],
        minutes: 2,
        attended: true,
        needs: [{ step: 'blank', because: 'tap water clouds silver nitrate by itself' }],
        record: ['colour and texture of the solid'],
      },
      {
        id: `${tube}-ammonia`,
        text: 'Then ammonia, a few millilitres, shaken.',
        events: [pour(tube, 'NH3', 2, 4)],
        minutes: 2,
        attended: true,
        uses: { hood: 1 },
        caution: 'Silver and ammonia are never left standing: destroyed within the hour.',
        record: ['does the solid dissolve?'],
      },
    ]),
  ],
  questions: [
    'Why nitric acid and not hydrochloric?',
    'Which product of solubility explains the difference?',
  ],
  disposal:
    'Acidify at once and put to the silver residues: ammoniacal silver explodes on standing.',
});

/** What is it? */
export const unknowns = [organic, flames, hydroxides, halides] as const;
