import { kit, solid, test, vessels, water, write } from './write';

const coldBeaker = write({
  id: 'frozen-board',
  name: 'The beaker that freezes to its board',
  kind: 'heatAndCold',
  purpose:
    'Two dry solids are stirred together and take so much heat that a film of water under the beaker turns to ice. A strongly endothermic change that runs by itself.',
  vessels: vessels('beaker', 'beaker'),
  apparatus: kit({
    'wooden board': 1,
    'stirring rod': 1,
    thermometer: 1,
    'damp red litmus paper': 1,
  }),
  steps: [
    {
      id: 'weigh',
      text: 'Weigh out both solids on separate boats.',
      minutes: 4,
      attended: true,
      uses: { balance: 1 },
    },
    {
      id: 'base',
      text: 'Stand the beaker on a puddle of water on the board, put the barium hydroxide in and read its temperature.',
      events: [solid('beaker', 'Ba(OH)2·8H2O', 24)],
      ranges: [{ event: 0, low: 22, high: 26 }],
      minutes: 2,
      attended: true,
      needs: [{ step: 'weigh', because: 'both solids go in within a few seconds' }],
      caution: 'Barium hydroxide is poisonous and caustic: gloves, goggles, no dust.',
      record: ['temperature at the start'],
      measures: [{ name: 'temperature of the slush', quantity: 'temperature', series: true }],
    },
    {
      id: 'mix',
      text: 'In the hood, add the ammonium chloride and stir for a minute or two until it is a slush; read the temperature every half minute.',
      events: [solid('beaker', 'NH4Cl', 9)],
      ranges: [{ event: 0, low: 8, high: 10 }],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      needs: [
        { step: 'base', because: 'the board must be wet under the beaker before the cold comes' },
      ],
      caution:
        'Ammonia is given off: hood, and do not lean over the beaker. Cold enough to freeze wet skin to glass.',
      record: ['temperature every half minute', 'lowest temperature', 'does the board come along?'],
      measures: [{ name: 'temperature of the slush', quantity: 'temperature', series: true }],
    },
    {
      id: 'litmus',
      text: 'Hold damp red litmus above the slush.',
      events: [test('beaker', 'dampRedLitmus')],
      minutes: 1,
      attended: true,
      uses: { hood: 1 },
      record: ['colour of the paper'],
    },
  ],
  analyses: [
    {
      kind: 'temperature',
      log: 'temperature of the slush',
      massG: 33,
      vesselJPerK: 25,
      of: { substance: 'Ba(OH)2·8H2O', amountMol: 0.0761 },
      filmG: 2,
    },
  ],
  questions: [
    'Heat is taken up, yet it runs by itself. What pays for it?',
    'Which observations speak for a chemical change?',
    'Where does the water of the slush come from?',
  ],
  disposal:
    'Barium: dissolve the slush in much water in the hood, precipitate with sodium sulfate, filter; the solid is kept as barium waste.',
});

const packs = write({
  id: 'warm-and-cold-cups',
  name: 'Warm cup, cold cup',
  kind: 'heatAndCold',
  purpose:
    'Three salts dissolve in the same amount of water: one warms it, one cools it, one hardly does either.',
  vessels: vessels('cup', 'A', 'B', 'C'),
  apparatus: kit({ thermometer: 1, 'stirring rod': 1, 'cup lid': 1 }),
  steps: [
    {
      id: 'weigh',
      text: 'Weigh out the three salts.',
      minutes: 4,
      attended: true,
      uses: { balance: 1 },
    },
    {
      id: 'calcium',
      text: 'A: measure the water, read its temperature, tip the anhydrous calcium chloride in, stir and read the highest.',
      events: [water('A', 50), solid('A', 'CaCl2', 6)],
      minutes: 4,
      attended: true,
      needs: [{ step: 'weigh', because: 'the dry salt draws water from the air while it waits' }],
      caution: 'Becomes hot enough to feel; the dust irritates eyes.',
      record: ['temperature before', 'highest temperature'],
      measures: [{ name: 'temperature in A', quantity: 'temperature', series: true }],
    },
    {
      id: 'ammonium',
      text: 'B: the same with ammonium nitrate; read the lowest.',
      events: [water('B', 50), solid('B', 'NH4NO3', 6)],
      minutes: 4,
      attended: true,
      caution: 'Ammonium nitrate is an oxidiser: kept from anything that burns, never heated dry.',
      record: ['temperature before', 'lowest temperature'],
      measures: [{ name: 'temperature in B', quantity: 'temperature', series: true }],
    },
    {
      id: 'common-salt',
      text: 'C: the same with sodium chloride.',
      events: [water('C', 50), solid('C', 'NaCl', 6)],
      minutes: 4,
      attended: true,
      record: ['temperature before', 'temperature after'],
      measures: [{ name: 'temperature in C', quantity: 'temperature', series: true }],
    },
  ],
  analyses: [
    {
      kind: 'temperature',
      log: 'temperature in A',
      massG: 56,
      vesselJPerK: 3,
      of: { substance: 'CaCl2', amountMol: 0.0541 },
    },
    {
      kind: 'temperature',
      log: 'temperature in B',
      massG: 56,
      vesselJPerK: 3,
      of: { substance: 'NH4NO3', amountMol: 0.075 },
    },
    {
      kind: 'temperature',
      log: 'temperature in C',
      massG: 56,
      vesselJPerK: 3,
      of: { substance: 'NaCl', amountMol: 0.1027 },
    },
  ],
  questions: [
    'Is dissolving a chemical change? Which of your observations could be evidence either way?',
    'Work out the heat for one gram of each salt.',
  ],
  disposal: 'All three are rinsed away with water where local rules allow it.',
});

const neutral = write({
  id: 'heat-of-neutralising',
  name: 'The same heat from two acids',
  kind: 'heatAndCold',
  purpose:
    'A strong base and a strong acid warm each other by the same amount whichever acid it is; a weak acid a little less.',
  vessels: vessels('cup', 'hydrochloric', 'nitric', 'ethanoic'),
  apparatus: kit({ thermometer: 1, 'measuring cylinder, 50 mL': 2, 'cup lid': 1 }),
  steps: [
    ...(
      [
        ['hydrochloric', 'HCl', 'hydrochloric acid'],
        ['nitric', 'HNO3', 'nitric acid'],
        ['ethanoic', 'CH3COOH', 'ethanoic acid'],
      ] as const
    ).map(([cup, formula, name]) => ({
      id: cup,
      text: `Sodium hydroxide in the cup; read; add the ${name}, stir, read the highest temperature.`,
      events: [
        {
          vessel: cup,
          action: {
            do: 'add' as const,
            portion: { substance: 'NaOH', concentrationM: 0.9, volumeMl: 25 },
          },
        },
        {
          vessel: cup,
          action: {
            do: 'add' as const,
            portion: { substance: formula, concentrationM: 0.9, volumeMl: 25 },
          },
        },
      ],
      minutes: 4,
      attended: true,
      caution: 'Acid and alkali of this strength irritate: goggles, spills wiped up at once.',
      record: ['temperature before', 'highest temperature'],
      measures: [
        { name: `temperature, ${name}`, quantity: 'temperature' as const, series: true as const },
      ],
    })),
  ],
  analyses: (['hydrochloric acid', 'nitric acid', 'ethanoic acid'] as const).map((name) => ({
    kind: 'temperature' as const,
    log: `temperature, ${name}`,
    massG: 50,
    vesselJPerK: 3,
    of: { substance: 'H2O', amountMol: 0.0225 },
  })),
  questions: [
    'Write one net ionic equation for the first two cups.',
    'Where does some of the heat go in the third cup?',
  ],
  disposal: 'Neutral salt solutions: down the drain with water where local rules allow it.',
});

/** Warmth and cold. */
export const warmthAndCold = [coldBeaker, packs, neutral] as const;
