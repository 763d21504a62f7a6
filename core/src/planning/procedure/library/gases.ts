import { heat, indicator, kit, leadInto, pour, solid, test, vessels, water, write } from './write';

const sulfurDioxide = write({
  id: 'gas-through-three-colours',
  name: 'One gas, three colours gone',
  kind: 'gasThroughReagents',
  purpose:
    'Sulfur dioxide is made in a flask and led through permanganate, dichromate and litmus: a gas that takes oxygen from others.',
  vessels: [
    ...vessels('flask', 'generator', 'second generator', 'third generator'),
    ...vessels('testTube', 'permanganate', 'dichromate', 'litmus'),
  ],
  apparatus: kit({
    'dropping funnel': 1,
    'delivery tube': 1,
    'rubber stopper, two holes': 1,
    'test-tube rack': 1,
    'clamp and stand': 2,
  }),
  steps: [
    {
      id: 'tubes',
      text: 'Ready the three tubes: acidified permanganate, acidified dichromate, litmus.',
      events: [
        pour('permanganate', 'KMnO4', 0.002, 4),
        pour('permanganate', 'H2SO4', 0.5, 1),
        pour('dichromate', 'K2Cr2O7', 0.04, 4),
        pour('dichromate', 'H2SO4', 0.5, 1),
        water('litmus', 4),
        indicator('litmus', 'litmus', 6),
      ],
      minutes: 4,
      attended: true,
      caution: 'Dichromate may cause cancer: the instructor fills that tube, gloves on.',
      record: ['colours before'],
    },
    {
      id: 'tight',
      text: 'In the hood, clamp the flask, fit stopper, funnel and delivery tube; the funnel stem dips below the liquid to come, the delivery tube does not.',
      minutes: 4,
      attended: true,
      uses: { hood: 1 },
    },
    {
      id: 'permanganate',
      text: 'Sodium sulfite in the flask, acid from the funnel a little at a time; lead the gas into the permanganate.',
      events: [
        solid('generator', 'Na2SO3', 1.2),
        pour('generator', 'HCl', 4, 5),
        leadInto('generator', 'permanganate'),
      ],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      needs: [
        { step: 'tubes', because: 'the gas comes at once and must have somewhere to go' },
        { step: 'tight', because: 'a leaking apparatus fills the room' },
      ],
      caution: 'Sulfur dioxide chokes; people with asthma stay away. Hood only, small amounts.',
      record: ['pace of bubbling', 'colours on the way'],
    },
    {
      id: 'dichromate',
      text: 'More acid; lead the gas into the dichromate.',
      events: [
        solid('second generator', 'Na2SO3', 1.2),
        pour('second generator', 'HCl', 4, 5),
        leadInto('second generator', 'dichromate'),
      ],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      record: ['colours on the way'],
    },
    {
      id: 'litmus',
      text: 'More acid; lead the gas into the litmus.',
      events: [
        solid('third generator', 'Na2SO3', 1.2),
        pour('third generator', 'HCl', 4, 5),
        leadInto('third generator', 'litmus'),
      ],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      record: ['colour'],
    },
    {
      id: 'stop',
      text: 'Lift the delivery tube out of the last tube, then flood the flask with water and sodium carbonate.',
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      needs: [{ step: 'litmus', because: 'gas still comes until the flask is flooded' }],
    },
  ],
  questions: [
    'What was the sulfur in the gas oxidised to?',
    'Write both half-equations for the permanganate.',
    'How would you show that the gas is very soluble?',
  ],
  disposal:
    'Dichromate tube to the chromium waste; the rest neutralised with sodium carbonate in the hood.',
});

const carbonates = write({
  id: 'which-acid-for-which-carbonate',
  name: 'Which acid for which carbonate?',
  kind: 'gasChoice',
  purpose:
    'Carbon dioxide from several pairs of carbonate and acid: which give it quickly, which stop by themselves, and why.',
  vessels: vessels('testTube', 'A', 'B', 'C', 'D'),
  apparatus: kit({ 'test-tube rack': 1, 'lime-water dropper': 1, splint: 3, spatula: 2 }),
  steps: [
    {
      id: 'splint',
      text: 'Light the burner and a splint before any solid goes into acid.',
      minutes: 1,
      attended: true,
      uses: { burner: 1 },
    },
    {
      id: 'marble-hydrochloric',
      text: 'A: marble chips and hydrochloric acid; lime water, then the lit splint.',
      events: [
        pour('A', 'HCl', 1, 6),
        solid('A', 'CaCO3', 0.6),
        test('A', 'limewater'),
        test('A', 'litSplint'),
      ],
      minutes: 3,
      attended: true,
      uses: { burner: 1 },
      needs: [
        {
          step: 'splint',
          because: 'the splint is lit before the solid goes in: the gas does not wait',
        },
      ],
      record: ['pace', 'lime water', 'splint'],
    },
    {
      id: 'marble-sulfuric',
      text: 'B: marble chips and sulfuric acid of the same strength. Watch for a minute.',
      events: [pour('B', 'H2SO4', 1, 6), solid('B', 'CaCO3', 0.6)],
      minutes: 3,
      attended: true,
      record: ['pace at the start', 'pace after a minute'],
    },
    {
      id: 'soda-sulfuric',
      text: 'C: washing soda and sulfuric acid.',
      events: [pour('C', 'H2SO4', 1, 6), solid('C', 'Na2CO3', 0.5)],
      minutes: 2,
      attended: true,
      caution: 'It froths up: a large tube, a little at a time.',
      record: ['pace'],
    },
    {
      id: 'marble-vinegar',
      text: 'D: marble chips and ethanoic acid.',
      events: [pour('D', 'CH3COOH', 1, 6), solid('D', 'CaCO3', 0.6), test('D', 'limewater')],
      minutes: 3,
      attended: true,
      record: ['pace', 'lime water'],
    },
  ],
  questions: [
    'Why does B stop?',
    'A lit splint goes out: does that prove carbon dioxide?',
    'Why is carbonic acid no use here?',
  ],
  disposal: 'Rinsed away with water; marble left over is washed and used again.',
});

const oxygen = write({
  id: 'oxygen-from-peroxide',
  name: 'Oxygen, and a splint that wakes up',
  kind: 'gasChoice',
  purpose:
    'Hydrogen peroxide with a pinch of manganese dioxide gives oxygen in the cold; a glowing splint proves it.',
  vessels: vessels('flask', 'flask'),
  apparatus: kit({
    'wooden skewer': 3,
    'delivery tube': 1,
    'gas jar': 2,
    'water trough': 1,
    spatula: 1,
  }),
  steps: [
    {
      id: 'trough',
      text: 'Fill trough and jars with water, jars upside down, lids at hand.',
      minutes: 3,
      attended: true,
    },
    {
      id: 'peroxide',
      text: 'Measure the peroxide into the flask.',
      events: [pour('flask', 'H2O2', 0.9, 20)],
      minutes: 1,
      attended: true,
      caution: 'Peroxide bleaches skin and clothes: goggles and gloves.',
    },
    {
      id: 'glow',
      text: 'Light a skewer and blow it out to an ember.',
      minutes: 1,
      attended: true,
      uses: { burner: 1 },
    },
    {
      id: 'catalyst',
      text: 'Drop the manganese dioxide in, let the first gas go, then hold the glowing skewer in the mouth of the flask.',
      events: [solid('flask', 'MnO2', 0.1), test('flask', 'glowingSplint')],
      minutes: 3,
      attended: true,
      needs: [
        { step: 'glow', because: 'the ember glows before the gas comes' },
        { step: 'trough', because: 'the jars are full of water before the gas comes' },
      ],
      caution: 'It froths and warms. Keep everything that burns well away from a jar of oxygen.',
      record: ['pace', 'warm?', 'skewer'],
    },
  ],
  questions: [
    'Is the manganese dioxide used up? How would you show it?',
    'Why is the first jar not full of oxygen?',
  ],
  disposal:
    'Manganese dioxide is filtered off and used again; the liquid goes down the drain with water.',
});

const ammonia = write({
  id: 'ammonia-upwards',
  name: 'A gas collected upwards',
  kind: 'gasChoice',
  purpose:
    'Ammonia is made by warming an ammonium salt with lime: too soluble for water, lighter than air, so collected in a tube held upside down.',
  vessels: [...vessels('testTube', 'generator', 'collected'), ...vessels('beaker', 'water')],
  apparatus: kit({
    'delivery tube, upwards': 1,
    'plug of mineral wool': 1,
    'damp red litmus paper': 2,
    'clamp and stand': 1,
    stopper: 1,
  }),
  steps: [
    {
      id: 'paper',
      text: 'Wet the litmus paper and have the stopper at hand.',
      minutes: 1,
      attended: true,
    },
    {
      id: 'mix',
      text: 'In the hood, shake ammonium chloride and calcium hydroxide together in the dry tube and plug it with mineral wool.',
      events: [solid('generator', 'NH4Cl', 0.5), solid('generator', 'Ca(OH)2', 0.5)],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      caution: 'Mineral wool, not anything oily. Ammonia already comes off in the cold.',
      notPredicted:
        'In the cold, dry solids react only where they touch; how much ammonia comes is not followed.',
      record: ['what is seen'],
    },
    {
      id: 'warm',
      text: 'Warm gently, mouth down a little; collect in the upturned tube until litmus at its mouth turns.',
      events: [heat('generator', 150)],
      minutes: 4,
      attended: true,
      uses: { hood: 1, burner: 1 },
      needs: [{ step: 'paper', because: 'the paper tells when the tube is full' }],
      caution: 'Ammonia chokes and harms eyes: hood, and stop when the litmus turns.',
      record: ['litmus at the mouth'],
    },
    {
      id: 'test',
      text: 'Test the collected gas with damp red litmus.',
      events: [leadInto('generator', 'collected'), test('collected', 'dampRedLitmus')],
      minutes: 1,
      attended: true,
      uses: { hood: 1 },
      record: ['colour of the paper'],
    },
    {
      id: 'fountain',
      text: 'Dissolve it: a few drops of universal indicator in water, the tube opened under it.',
      events: [
        water('water', 50),
        indicator('water', 'universal indicator', 8),
        leadInto('collected', 'water'),
      ],
      minutes: 2,
      attended: true,
      record: ['colour of the water', 'how far it rises'],
    },
  ],
  questions: ['Why not over water?', 'Both names of the way it is collected?'],
  disposal: 'The cold generator is washed out with water in the hood.',
});

/** Gases: which reagents, how collected, what proves them. */
export const gases = [sulfurDioxide, carbonates, oxygen, ammonia] as const;
