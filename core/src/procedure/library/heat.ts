import { cool, heat, kit, solid, strongly, test, vessels, water, write } from './write';

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

const blueWhite = write({
  id: 'blue-white-blue',
  name: 'Blue to white and back',
  kind: 'hydrate',
  purpose:
    'Crystals lose their water and their colour on heating and take both back with a few drops. A reversible change with colour, heat and steam as evidence.',
  vessels: vessels('testTube', 'tube'),
  apparatus: kit({ 'test-tube holder': 1, 'cold beaker': 1, spatula: 1, 'dropping pipette': 1 }),
  steps: [
    {
      id: 'crystals',
      text: 'A spatula tip of copper(II) sulfate crystals into a dry hard-glass tube.',
      events: [solid('tube', 'CuSO4·5H2O', 1.2)],
      ranges: [{ event: 0, low: 1, high: 1.5 }],
      minutes: 1,
      attended: true,
      caution: 'Harmful to eyes and water life: goggles.',
      record: ['colour of the crystals'],
    },
    {
      id: 'burner',
      text: 'Light the burner, flame low before the air hole is opened.',
      minutes: 1,
      attended: true,
      uses: { burner: 1 },
    },
    {
      id: 'heat',
      text: 'Heat gently at first, moving the tube, mouth tilted down a little and away from people. Hold the cold beaker above the mouth.',
      events: [heat('tube', 130), heat('tube', 270)],
      minutes: 6,
      attended: true,
      uses: { burner: 1 },
      needs: [{ step: 'burner', because: 'the tube is not put down half heated' }],
      ready: ['cold dry beaker'],
      caution:
        'Hot glass looks like cold glass. Stop when it is white: stronger heat blackens it and gives acrid fumes.',
      record: ['colours on the way', 'what is on the cold beaker'],
    },
    {
      id: 'cool',
      text: 'Let the tube cool to room temperature on a heat-proof mat. Run another test meanwhile.',
      events: [cool('tube')],
      minutes: 8,
      attended: false,
    },
    {
      id: 'rewet',
      text: 'Hold the tube at its lower end and let a few drops of water fall on the white powder.',
      events: [water('tube', 0.3)],
      ranges: [{ event: 0, low: 0.2, high: 0.4 }],
      minutes: 1,
      attended: true,
      needs: [{ step: 'cool', because: 'water on a hot tube spits and cracks it' }],
      caution: 'It gets hot again: face away, a few drops only.',
      record: ['colour', 'warm to the touch?'],
    },
  ],
  questions: ['How do you know that water left?', 'Is this one chemical change, two, or none?'],
  disposal: 'Copper(II) sulfate is dried and goes back into the “for demonstrations” jar.',
});

const byMass = write({
  id: 'crystal-water-by-mass',
  name: 'How much water is in the crystal?',
  kind: 'hydrate',
  purpose:
    'A hydrate is heated until its mass no longer falls; the loss gives the number of water molecules to one formula unit.',
  vessels: vessels('crucible', 'crucible'),
  apparatus: kit({ tongs: 1, tripod: 1, 'pipe-clay triangle': 1, 'crucible lid': 1 }),
  steps: [
    {
      id: 'empty',
      text: 'Weigh the clean dry crucible with its lid.',
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
      measures: [{ name: 'crucible and lid', quantity: 'mass' }],
    },
    {
      id: 'fill',
      text: 'Put in the magnesium sulfate crystals and weigh again.',
      events: [solid('crucible', 'MgSO4·7H2O', 2.8)],
      ranges: [{ event: 0, low: 2.5, high: 3.2 }],
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
      measures: [{ name: 'with the crystals', quantity: 'mass' }],
    },
    {
      id: 'heat',
      text: 'Heat with the lid ajar, gently for the first three minutes.',
      events: [heat('crucible', 260)],
      minutes: 9,
      attended: false,
      uses: { burner: 1 },
      ready: ['tongs', 'heat-proof mat'],
      caution:
        'Too fast and it spits; a red-hot crucible and a cold one look alike from a step away.',
      record: ['what is seen at the lid'],
    },
    {
      id: 'cool',
      text: 'Carry it with tongs into the desiccator to cool.',
      events: [cool('crucible')],
      minutes: 4,
      attended: false,
      uses: { desiccator: 1 },
      after: [{ step: 'heat', maxWaitMin: 1 }],
    },
    {
      id: 'weigh',
      text: 'Weigh, cold.',
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
      after: [{ step: 'cool', maxWaitMin: 10 }],
      needs: [{ step: 'cool', because: 'a hot crucible lifts air and reads light' }],
      measures: [{ name: 'after heating', quantity: 'mass' }],
    },
    {
      id: 'again',
      text: 'Heat once more.',
      events: [strongly('crucible')],
      minutes: 4,
      attended: false,
      uses: { burner: 1 },
    },
    {
      id: 'cool-again',
      text: 'Cool in the desiccator.',
      events: [cool('crucible')],
      minutes: 4,
      attended: false,
      uses: { desiccator: 1 },
      after: [{ step: 'again', maxWaitMin: 1 }],
    },
    {
      id: 'weigh-again',
      text: 'Weigh. If it fell by more than 0.02 g, heat and cool once more.',
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
      needs: [{ step: 'cool-again', because: 'a hot crucible lifts air and reads light' }],
      measures: [{ name: 'after heating', quantity: 'mass' }],
    },
  ],
  analyses: [
    {
      kind: 'hydrate',
      anhydrous: 'MgSO4',
      literatureX: 7,
      dish: 'crucible and lid',
      filled: 'with the crystals',
      heated: 'after heating',
    },
  ],
  questions: [
    'Work out x in MgSO₄·xH₂O with its uncertainty.',
    'Which mistake makes x too small, and which too large?',
  ],
  disposal: 'Magnesium sulfate is rinsed away with water.',
});

const cobalt = write({
  id: 'weather-paper',
  name: 'Paper that tells the weather',
  kind: 'hydrate',
  purpose:
    'A cobalt salt changes colour between its hydrates at a gentle warmth, which makes a test for water.',
  vessels: vessels('dish', 'dish'),
  apparatus: kit({ spatula: 1, 'dropping pipette': 1, tongs: 1 }),
  steps: [
    {
      id: 'crystals',
      text: 'Spread a few crystals of cobalt(II) chloride in the dish.',
      events: [solid('dish', 'CoCl2·6H2O', 0.4)],
      minutes: 1,
      attended: true,
      caution:
        'Cobalt salts may cause cancer and allergies: gloves, no dust, never as paper for pupils to keep.',
      record: ['colour'],
    },
    {
      id: 'warm',
      text: 'Warm on the hot plate until the colour has changed throughout.',
      events: [heat('dish', 150)],
      minutes: 5,
      attended: false,
      uses: { 'hot plate': 1 },
      record: ['colours on the way'],
    },
    {
      id: 'cool',
      text: 'Cool in the desiccator, so that the air does not turn it back.',
      events: [cool('dish')],
      minutes: 4,
      attended: false,
      uses: { desiccator: 1 },
      after: [{ step: 'warm', maxWaitMin: 2 }],
    },
    {
      id: 'breathe',
      text: 'Let one drop of water fall on it.',
      events: [water('dish', 0.05)],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
  ],
  questions: ['Why does the dish turn back in the open air by itself on a damp day?'],
  disposal: 'Nickel and cobalt waste; the dish is rinsed into it.',
});

/** Warmth, cold and crystal water. */
export const heatAndWater = [coldBeaker, packs, neutral, blueWhite, byMass, cobalt] as const;
