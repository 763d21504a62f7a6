import {
  cool,
  doTo,
  dropsOf,
  heat,
  indicator,
  into,
  kit,
  liquid,
  pour,
  solid,
  vessels,
  wait,
  water,
  write,
} from './write';

const bottle = write({
  id: 'three-colour-bottle',
  name: 'The bottle with three colours',
  kind: 'stagedColours',
  purpose:
    'A dye in alkaline glucose goes through three colours by standing and takes them back by shaking: reduction by the sugar, oxidation by air.',
  vessels: vessels('flask', 'bottle'),
  apparatus: kit({
    stopper: 1,
    'measuring cylinder, 100 mL': 1,
    'stirring rod': 1,
    'white card': 1,
  }),
  steps: [
    {
      id: 'sugar',
      text: 'Dissolve the glucose in warm water in the flask.',
      events: [water('bottle', 80), heat('bottle', 35), solid('bottle', 'C6H12O6', 2.4)],
      minutes: 5,
      attended: true,
      uses: { balance: 1, 'hot plate': 1 },
    },
    {
      id: 'alkali',
      text: 'Add the sodium hydroxide pellets and swirl until they have gone.',
      events: [solid('bottle', 'NaOH', 1.2)],
      minutes: 4,
      attended: true,
      uses: { balance: 1 },
      caution:
        'Pellets burn skin and the solution warms: gloves and goggles; a spill is slippery and is washed away at once.',
    },
    {
      id: 'dye',
      text: 'Add the indigo carmine and stopper the flask.',
      events: [indicator('bottle', 'indigo carmine', 25), doTo('bottle', { do: 'close' })],
      ranges: [{ event: 0, low: 20, high: 30 }],
      minutes: 1,
      attended: true,
      needs: [
        {
          step: 'alkali',
          because: 'the alkali is there first, so that the whole class sees the first colour',
        },
      ],
      record: ['colour at once'],
    },
    {
      id: 'stand',
      text: 'Leave it standing before the white card.',
      events: [wait('bottle', 4)],
      minutes: 4,
      attended: false,
      record: ['colours on the way', 'minutes to each'],
    },
    {
      id: 'shake',
      text: 'Swirl gently, then shake hard. Wait again.',
      events: [
        doTo('bottle', { do: 'shakeWithAir', gently: true }),
        doTo('bottle', { do: 'shakeWithAir' }),
        wait('bottle', 4),
      ],
      minutes: 5,
      attended: true,
      caution: 'Hold the stopper: warm alkali under a little pressure.',
      record: ['colour after a swirl', 'colour after a shake', 'can it be repeated?'],
    },
  ],
  questions: [
    'What is used up, and what only carries electrons?',
    'Why does it go more slowly after many shakes?',
  ],
  disposal:
    'Neutralise, then down the drain with water where local rules allow it. Made fresh: it browns within hours.',
});

const row = write({
  id: 'one-jug-five-glasses',
  name: 'One jug, five glasses',
  kind: 'pouredRow',
  purpose:
    'A colourless liquid is poured on from glass to glass and changes each time. Every glass holds a few drops of something prepared.',
  vessels: vessels('beaker', 'jug', 'glass 1', 'glass 2', 'glass 3', 'glass 4', 'glass 5'),
  apparatus: kit({ 'dropping pipette': 5, 'white card': 1, tray: 1 }),
  steps: [
    {
      id: 'glass-1',
      text: 'Glass 1: phenolphthalein.',
      events: [indicator('glass 1', 'phenolphthalein', 12)],
      minutes: 1,
      attended: true,
    },
    {
      id: 'glass-2',
      text: 'Glass 2: enough dilute sulfuric acid to turn it back.',
      events: [pour('glass 2', 'H2SO4', 1, 3)],
      minutes: 1,
      attended: true,
      caution: 'Acid irritates eyes and skin: goggles.',
    },
    {
      id: 'glass-3',
      text: 'Glass 3: barium chloride solution.',
      events: [pour('glass 3', 'BaCl2', 0.1, 4)],
      minutes: 1,
      attended: true,
      caution: 'Soluble barium is poisonous when swallowed: nobody drinks from these glasses.',
    },
    {
      id: 'glass-4',
      text: 'Glass 4: ammonium iron(III) sulfate solution.',
      events: [pour('glass 4', 'NH4Fe(SO4)2', 0.1, 4)],
      minutes: 1,
      attended: true,
    },
    {
      id: 'glass-5',
      text: 'Glass 5: potassium thiocyanate solution. Read the label twice: thiocyanate, not cyanide.',
      events: [pour('glass 5', 'KSCN', 0.2, 4)],
      minutes: 1,
      attended: true,
      caution:
        'A jar whose name is one syllable shorter kills. Thiocyanate itself is harmful; kept from strong acid.',
    },
    {
      id: 'jug',
      text: 'The jug: very dilute sodium hydroxide.',
      events: [pour('jug', 'NaOH', 0.04, 60)],
      minutes: 2,
      attended: true,
    },
    {
      id: 'pour-1',
      text: 'Pour the jug into glass 1.',
      events: [into('jug', 'glass 1')],
      minutes: 1,
      attended: true,
      ready: ['all five glasses in order'],
      needs: [
        { step: 'glass-1', because: 'an empty glass spoils the row' },
        { step: 'glass-2', because: 'an empty glass spoils the row' },
        { step: 'glass-3', because: 'an empty glass spoils the row' },
        { step: 'glass-4', because: 'an empty glass spoils the row' },
        { step: 'glass-5', because: 'an empty glass spoils the row' },
      ],
      record: ['colour'],
    },
    {
      id: 'pour-2',
      text: 'Glass 1 into glass 2.',
      events: [into('glass 1', 'glass 2')],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'pour-3',
      text: 'Glass 2 into glass 3.',
      events: [into('glass 2', 'glass 3')],
      minutes: 1,
      attended: true,
      record: ['colour', 'clear or cloudy'],
    },
    {
      id: 'pour-4',
      text: 'Glass 3 into glass 4.',
      events: [into('glass 3', 'glass 4')],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'pour-5',
      text: 'Glass 4 into glass 5.',
      events: [into('glass 4', 'glass 5')],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
  ],
  questions: [
    'Which glasses held an acid, and how do you know?',
    'Which of the five changes made a new substance?',
  ],
  disposal:
    'Filter the barium sulfate off as solid waste; the red liquid to the thiocyanate bottle, kept from acid and oxidisers.',
});

const chloride = write({
  id: 'copper-blue-to-green',
  name: 'Blue to green and back to blue',
  kind: 'equilibriumShift',
  purpose:
    'Chloride takes the place of water around copper ions and water takes it back: an equilibrium pushed both ways in one beaker.',
  vessels: vessels('beaker', 'beaker'),
  apparatus: kit({ 'measuring cylinder, 25 mL': 2, 'stirring rod': 1, 'white card': 1 }),
  steps: [
    {
      id: 'blue',
      text: 'Copper(II) sulfate solution in the beaker, white card behind it.',
      events: [pour('beaker', 'CuSO4', 0.2, 8)],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'acid',
      text: 'In the hood, add concentrated hydrochloric acid, stirring.',
      events: [liquid('beaker', 'HCl', 7)],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      caution: 'Concentrated hydrochloric acid burns and its fumes choke: hood, gloves, goggles.',
      record: ['colours on the way'],
    },
    {
      id: 'water',
      text: 'Add water until it is blue again.',
      events: [water('beaker', 95)],
      minutes: 2,
      attended: true,
      uses: { hood: 1 },
      record: ['colours on the way', 'how much water'],
    },
  ],
  questions: [
    'Which way did each addition push, and why?',
    'Why is much more water needed than acid?',
  ],
  disposal:
    'Acidic copper solution: neutralise with sodium hydrogencarbonate in a large beaker, then heavy-metal bottle.',
});

const thiocyanate = write({
  id: 'blood-red-and-back',
  name: 'A red that fades and deepens',
  kind: 'equilibriumShift',
  purpose:
    'The red complex of iron(III) and thiocyanate is deepened by either partner and weakened by taking one away.',
  vessels: vessels('testTube', 'stock', 'more iron', 'more thiocyanate', 'phosphate', 'as it is'),
  apparatus: kit({ 'dropping pipette': 4, 'test-tube rack': 1, 'white card': 1 }),
  steps: [
    {
      id: 'stock',
      text: 'Mix dilute iron(III) nitrate and potassium thiocyanate, diluted until it is a light red; divide it among four tubes.',
      events: [
        pour('stock', 'Fe(NO3)3', 0.005, 8),
        pour('stock', 'KSCN', 0.004, 8),
        { pour: 'stock', into: 'more iron', share: 0.25 },
        { pour: 'stock', into: 'more thiocyanate', share: 0.333 },
        { pour: 'stock', into: 'phosphate', share: 0.5 },
        { pour: 'stock', into: 'as it is', share: 1 },
      ],
      minutes: 3,
      attended: true,
      caution: 'Thiocyanate, not cyanide: read the label twice.',
      record: ['colour'],
    },
    {
      id: 'iron',
      text: 'More iron(III): three drops of the stronger solution.',
      events: [dropsOf('more iron', 'Fe(NO3)3', 0.1, 4)],
      minutes: 1,
      attended: true,
      record: ['deeper or paler than the control'],
    },
    {
      id: 'thiocyanate',
      text: 'More thiocyanate: three drops of the stronger solution.',
      events: [dropsOf('more thiocyanate', 'KSCN', 0.5, 4)],
      minutes: 1,
      attended: true,
      record: ['deeper or paler than the control'],
    },
    {
      id: 'phosphate',
      text: 'Iron(III) taken away: drops of disodium hydrogenphosphate.',
      events: [dropsOf('phosphate', 'Na2HPO4', 0.1, 6)],
      minutes: 1,
      attended: true,
      record: ['deeper or paler than the control'],
    },
  ],
  questions: ['Explain each tube by quotient and constant.', 'Why is the untouched tube needed?'],
  disposal: 'Thiocyanate waste, kept from acid and oxidisers.',
});

const chromate = write({
  id: 'yellow-to-orange',
  name: 'Yellow to orange by acid, back by alkali',
  kind: 'equilibriumShift',
  purpose:
    'Two chromate ions join when acid is added and part again in alkali, with the colour to show it.',
  vessels: vessels('testTube', 'tube'),
  apparatus: kit({ 'dropping pipette': 2, 'test-tube rack': 1 }),
  steps: [
    {
      id: 'chromate',
      text: 'Potassium chromate solution, a few millilitres. As a demonstration only.',
      events: [pour('tube', 'K2CrO4', 0.05, 3)],
      minutes: 1,
      attended: true,
      caution:
        'Chromium(VI) may cause cancer and burns skin: gloves, instructor’s hands only, closed tube.',
      record: ['colour'],
    },
    {
      id: 'acid',
      text: 'Dilute sulfuric acid in drops.',
      events: [dropsOf('tube', 'H2SO4', 1, 6)],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'alkali',
      text: 'Sodium hydroxide in drops.',
      events: [dropsOf('tube', 'NaOH', 2, 12)],
      minutes: 1,
      attended: true,
      record: ['colour'],
    },
  ],
  questions: [
    'Which ion is the yellow one?',
    'Is this a redox reaction? Give the oxidation numbers.',
  ],
  disposal: 'Chromium(VI) waste, all of it, rinsings too.',
});

const cobaltShift = write({
  id: 'pink-to-blue-by-heat',
  name: 'Pink in the cold, blue in the heat',
  kind: 'equilibriumShift',
  purpose:
    'A cobalt solution with chloride turns blue when it is warmed and pink in ice: the shift that temperature makes.',
  vessels: vessels('testTube', 'tube'),
  apparatus: kit({ 'hot-water bath': 1, 'ice bath': 1, 'test-tube holder': 1 }),
  steps: [
    {
      id: 'mix',
      text: 'Cobalt(II) chloride solution and concentrated hydrochloric acid in the hood, until it is violet between pink and blue; stopper it loosely.',
      events: [pour('tube', 'CoCl2', 0.2, 3), liquid('tube', 'HCl', 2.6)],
      minutes: 3,
      attended: true,
      uses: { hood: 1 },
      caution: 'Cobalt may cause cancer; the acid’s fumes choke: hood, gloves, goggles.',
      record: ['colour'],
    },
    {
      id: 'hot',
      text: 'Into the hot-water bath.',
      events: [heat('tube', 75)],
      minutes: 4,
      attended: false,
      uses: { 'hot plate': 1 },
      record: ['colour'],
    },
    {
      id: 'cold',
      text: 'Into the ice bath.',
      events: [cool('tube', 2)],
      minutes: 4,
      attended: false,
      record: ['colour'],
    },
  ],
  questions: ['Is making the blue ion endothermic or exothermic?'],
  disposal: 'Nickel and cobalt waste.',
});

/** Colours that come, go and come back. */
export const colours = [bottle, row, chloride, thiocyanate, chromate, cobaltShift] as const;
