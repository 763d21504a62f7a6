import {
  cool,
  doTo,
  drawInto,
  filterInto,
  heat,
  kit,
  pour,
  solid,
  strongly,
  test,
  vessels,
  water,
  write,
} from './write';

const circuit = write({
  id: 'eight-small-changes',
  name: 'Eight small changes',
  kind: 'changeCircuit',
  purpose:
    'A circuit of small tests, some physical, some chemical, with the counter-cases among them: dissolving that cools, solids that only go away and come back, a magnet that still works and one that no longer does.',
  vessels: [
    ...vessels(
      'testTube',
      '1 salt',
      '2 sugar',
      '3 iodine',
      '4 magnesium',
      '5 clouds',
      '6 mixture',
      '8 carbonate',
    ),
    ...vessels('crucible', '7 heated'),
  ],
  apparatus: kit({
    spatula: 4,
    'test-tube holder': 2,
    magnet: 1,
    'heat-proof mat': 1,
    'nichrome wire': 1,
    splint: 2,
  }),
  steps: [
    {
      id: 'salt',
      text: '1: potassium nitrate into water, shake, feel the tube.',
      events: [water('1 salt', 5), solid('1 salt', 'KNO3', 1)],
      minutes: 2,
      attended: true,
      record: ['what becomes of the solid', 'warmer or colder'],
    },
    {
      id: 'sugar',
      text: '2: heat a little sugar gently until it is brown, no further.',
      events: [solid('2 sugar', 'C12H22O11', 0.4), heat('2 sugar', 190)],
      minutes: 4,
      attended: true,
      uses: { burner: 1 },
      caution:
        'Stop at brown: charred sugar does not come out of the glass. Molten sugar sticks and burns.',
      record: ['what becomes of the solid'],
    },
    {
      id: 'iodine',
      text: '3: one crystal of iodine in a closed tube, warmed in the hood and left to cool.',
      events: [solid('3 iodine', 'I2', 0.05), heat('3 iodine', 120), cool('3 iodine')],
      minutes: 4,
      attended: true,
      uses: { hood: 1 },
      caution: 'Iodine vapour harms eyes and lungs: hood, loosely plugged tube.',
      record: ['what is seen in the tube', 'what is seen when it cools'],
    },
    {
      id: 'magnesium',
      text: '4: dilute acid on magnesium.',
      events: [solid('4 magnesium', 'Mg', 0.02), pour('4 magnesium', 'HCl', 0.8, 4)],
      minutes: 2,
      attended: true,
      caution: 'Hydrogen: no flame near.',
      record: ['gas', 'warmer or colder'],
    },
    {
      id: 'clouds',
      text: '5: copper(II) sulfate solution and ammonia, a few drops.',
      events: [pour('5 clouds', 'CuSO4', 0.1, 3), pour('5 clouds', 'NH3', 0.5, 0.5)],
      minutes: 2,
      attended: true,
      record: ['solid', 'colour'],
    },
    {
      id: 'mixture',
      text: '6: iron filings and sulfur stirred together; a magnet below the tube.',
      events: [
        solid('6 mixture', 'Fe', 0.56),
        solid('6 mixture', 'S', 0.32),
        test('6 mixture', 'magnet'),
      ],
      minutes: 2,
      attended: true,
      record: ['does the magnet pick anything out?'],
    },
    {
      id: 'heated',
      text: '7: the same mixture in a crucible, heated strongly in the hood until it glows, cooled; the magnet again.',
      events: [
        solid('7 heated', 'Fe', 0.56),
        solid('7 heated', 'S', 0.32),
        strongly('7 heated'),
        cool('7 heated'),
        test('7 heated', 'magnet'),
      ],
      minutes: 10,
      attended: true,
      uses: { hood: 1, burner: 1 },
      caution: 'Some sulfur burns to sulfur dioxide: hood. Keep acid away from what is left.',
      record: ['does it glow on by itself?', 'does the magnet pick anything out?'],
    },
    {
      id: 'carbonate',
      text: '8: vinegar on chalk, lime water held in the gas.',
      events: [
        solid('8 carbonate', 'CaCO3', 0.5),
        pour('8 carbonate', 'CH3COOH', 0.8, 5),
        test('8 carbonate', 'limewater'),
      ],
      minutes: 3,
      attended: true,
      record: ['gas', 'lime water'],
    },
    {
      id: 'wire',
      text: 'Hold the nichrome wire in the flame until it glows, let it cool, look.',
      minutes: 2,
      attended: true,
      uses: { burner: 1 },
      record: ['what is left when it is cool'],
    },
  ],
  questions: [
    'For each: physical or chemical, on what evidence, and what speaks against it?',
    'Which test shows that warmth or cold alone proves nothing?',
  ],
  disposal:
    'Copper to the heavy-metal bottle, iodine tube kept closed for the next class, the heated mixture with solid waste away from acid.',
});

const separation = write({
  id: 'sand-salt-iron',
  name: 'Sand, salt and iron',
  kind: 'firstCircuit',
  purpose:
    'A mixture is taken apart by magnet, water, filter and heat, and the yield of salt is worked out.',
  vessels: [...vessels('beaker', 'mixture'), ...vessels('dish', 'dish', 'iron')],
  apparatus: kit({
    magnet: 1,
    'plastic bag for the magnet': 1,
    'filter funnel': 1,
    'filter paper': 1,
    'stirring rod': 1,
    'evaporating tongs': 1,
  }),
  steps: [
    {
      id: 'weigh',
      text: 'Weigh the mixture.',
      events: [
        solid('mixture', 'Fe', 1.5),
        solid('mixture', 'SiO2', 2.5),
        solid('mixture', 'NaCl', 2),
      ],
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
      record: ['what it looks like'],
      measures: [{ name: 'the mixture', quantity: 'mass' }],
    },
    {
      id: 'magnet',
      text: 'Draw the iron out with the bagged magnet, and pull the magnet out of the bag over its dish.',
      events: [test('mixture', 'magnet'), drawInto('mixture', 'iron')],
      minutes: 3,
      attended: true,
      record: ['what the magnet picks out'],
    },
    {
      id: 'dissolve',
      text: 'Stir what is left into warm water.',
      events: [water('mixture', 20), heat('mixture', 45)],
      minutes: 4,
      attended: true,
      uses: { 'hot plate': 1 },
      record: ['what dissolves and what does not'],
    },
    {
      id: 'funnel',
      text: 'Fold the paper, wet it, and let the stem touch the wall of the dish.',
      minutes: 2,
      attended: true,
      after: [{ step: 'magnet' }],
    },
    {
      id: 'filter',
      text: 'Filter into the dish, solid last; rinse the sand with a little water.',
      events: [filterInto('mixture', 'dish')],
      minutes: 8,
      attended: false,
      after: [{ step: 'dissolve' }, { step: 'funnel' }],
      needs: [{ step: 'funnel', because: 'the filter stands ready before anything is poured' }],
      record: ['is the filtrate clear?'],
    },
    {
      id: 'evaporate',
      text: 'Evaporate on the hot plate; take it off while a little liquid is left.',
      events: [doTo('dish', { do: 'evaporate', toVolumeMl: 1 })],
      minutes: 14,
      attended: false,
      uses: { 'hot plate': 1 },
      caution: 'It spits near the end: face away, goggles, and off the heat in time.',
      record: ['what is left'],
    },
    {
      id: 'yield',
      text: 'Dry, cool and weigh the salt.',
      minutes: 3,
      attended: true,
      uses: { balance: 1 },
      after: [{ step: 'evaporate', minWaitMin: 3 }],
      measures: [{ name: 'the salt', quantity: 'mass' }],
    },
  ],
  analyses: [{ kind: 'recovery', got: 'the salt', thereG: 2 }],
  questions: [
    'What share of the mixture was salt?',
    'Where did some of the salt get lost?',
    'Which of the steps was a chemical change?',
  ],
  disposal:
    'Nothing here is hazardous; iron and sand are dried and mixed again for the next class.',
});

const types = write({
  id: 'five-kinds-of-reaction',
  name: 'Five kinds of reaction',
  kind: 'reactionTypes',
  purpose:
    'Five stations, each of another type, to be classed both by what happens to the formulae and by what drives them.',
  vessels: [
    ...vessels('crucible', 'A burning', 'B splitting'),
    ...vessels('testTube', 'C displacing', 'D exchanging', 'E neutralising'),
  ],
  apparatus: kit({
    tongs: 1,
    'heat-proof mat': 1,
    'test-tube rack': 1,
    splint: 2,
    'blue glass': 1,
  }),
  steps: [
    {
      id: 'burning',
      text: 'A: magnesium ribbon in a crucible, heated until it burns. Look only through the blue glass.',
      events: [solid('A burning', 'Mg', 0.1), strongly('A burning')],
      minutes: 4,
      attended: true,
      uses: { burner: 1 },
      caution:
        'The light harms eyes; water or carbon dioxide make a magnesium fire worse: sand at hand.',
      record: ['light', 'what is left'],
    },
    {
      id: 'splitting',
      text: 'B: copper(II) carbonate heated; lime water held in the gas.',
      events: [
        solid('B splitting', 'Cu2(OH)2CO3', 0.6),
        heat('B splitting', 320),
        test('B splitting', 'limewater'),
      ],
      minutes: 5,
      attended: true,
      uses: { burner: 1 },
      record: ['colours', 'lime water'],
    },
    {
      id: 'displacing',
      text: 'C: iron filings into copper(II) chloride solution.',
      events: [pour('C displacing', 'CuCl2', 0.12, 4), solid('C displacing', 'Fe', 0.3)],
      minutes: 3,
      attended: true,
      record: ['deposit', 'colour of the liquid'],
    },
    {
      id: 'exchanging',
      text: 'D: strontium nitrate and potassium sulfate solutions.',
      events: [pour('D exchanging', 'Sr(NO3)2', 0.1, 3), pour('D exchanging', 'K2SO4', 0.1, 3)],
      minutes: 2,
      attended: true,
      record: ['solid'],
    },
    {
      id: 'neutralising',
      text: 'E: nitric acid with bromothymol blue, potassium hydroxide added in drops until it turns.',
      events: [
        pour('E neutralising', 'HNO3', 0.2, 2),
        {
          vessel: 'E neutralising',
          action: { do: 'add', portion: { indicator: 'bromothymol blue', drops: 2 } },
        },
        pour('E neutralising', 'KOH', 0.2, 2.1),
      ],
      minutes: 3,
      attended: true,
      record: ['colours on the way', 'drops'],
    },
  ],
  questions: ['Name the type in both schools.', 'Which of the five transfer electrons?'],
  disposal: 'B and C to the heavy-metal bottle, the rest rinsed away where local rules allow it.',
});

const drops = write({
  id: 'drops-one-and-two',
  name: 'One proton or two, counted in drops',
  kind: 'reactionTypes',
  purpose:
    'The same number of drops of three acids of equal strength is neutralised drop by drop; the ratio of the counts tells how many protons each gives.',
  vessels: vessels('testTube', 'hydrochloric', 'sulfuric', 'ethanoic'),
  apparatus: kit({ 'dropping pipette': 4, 'white tile': 1, 'test-tube rack': 1 }),
  steps: (
    [
      ['hydrochloric', 'HCl', 'hydrochloric acid', 1.05],
      ['sulfuric', 'H2SO4', 'sulfuric acid', 2.05],
      ['ethanoic', 'CH3COOH', 'ethanoic acid', 1.05],
    ] as const
  ).map(([tube, formula, name, alkaliMl]) => ({
    id: tube,
    text: `Twenty drops of ${name} and one of phenolphthalein; count the drops of alkali to the first pink that stays on shaking.`,
    events: [
      pour(tube, formula, 0.15, 1),
      {
        vessel: tube,
        action: { do: 'add' as const, portion: { indicator: 'phenolphthalein', drops: 1 } },
      },
      pour(tube, 'NaOH', 0.15, alkaliMl),
    ],
    minutes: 4,
    attended: true,
    caution: 'Sodium hydroxide burns eyes: goggles on while counting.',
    measures: [{ name: `drops, ${name}`, quantity: 'drops' as const }],
  })),
  analyses: [
    {
      kind: 'drops',
      reagentM: 0.15,
      counts: ['hydrochloric acid', 'sulfuric acid', 'ethanoic acid'].map((name) => ({
        measure: `drops, ${name}`,
        of: name,
        sampleMl: 1,
        protons: name === 'sulfuric acid' ? 2 : 1,
      })),
    },
  ],
  questions: [
    'What is the ratio of the counts, and how sure are you of it?',
    'Why is the weak acid no different here?',
  ],
  disposal: 'Neutral already: down the drain with water where local rules allow it.',
});

/** Circuits of small changes. */
export const changes = [circuit, separation, types, drops] as const;
