import { gas, indicator, kit, pour, solid, test, vessels, water, write } from './write';

const onWater = write({
  id: 'metals-on-water',
  name: 'Four metals on water',
  kind: 'activeMetals',
  purpose:
    'Lithium, sodium, calcium and magnesium are put on water with an indicator, one after the other, to put them in the order of their activity.',
  vessels: [...vessels('dish', 'lithium', 'sodium'), ...vessels('beaker', 'calcium', 'magnesium')],
  apparatus: kit({
    'safety screen': 1,
    tweezers: 1,
    scalpel: 1,
    'white tile': 1,
    'filter paper': 4,
    'dropping pipette': 1,
  }),
  steps: [
    {
      id: 'screen',
      text: 'Set up the screen between dishes and class, goggles on everyone, dry tweezers and filter paper at hand.',
      minutes: 3,
      attended: true,
    },
    {
      id: 'lithium',
      text: 'Lithium: water and three drops of phenolphthalein in the dish, then a piece no larger than a rice grain, blotted free of oil.',
      events: [
        water('lithium', 40),
        indicator('lithium', 'phenolphthalein', 3),
        solid('lithium', 'Li', 0.03),
      ],
      minutes: 4,
      attended: true,
      ready: ['metal cut and blotted', 'screen in place'],
      needs: [{ step: 'screen', because: 'the metal spits: the screen stands before it is cut' }],
      caution:
        'Burns, and sets hydrogen free. Never touch with fingers or wet tools; no flame near.',
      record: ['floats or sinks', 'melts or keeps its shape', 'indicator', 'pace'],
    },
    {
      id: 'sodium',
      text: 'Sodium: the same, with a piece no larger than half a pea.',
      events: [
        water('sodium', 40),
        indicator('sodium', 'phenolphthalein', 3),
        solid('sodium', 'Na', 0.05),
      ],
      minutes: 4,
      attended: true,
      ready: ['metal cut and blotted', 'lid or second screen at hand'],
      needs: [{ step: 'screen', because: 'the metal spits: the screen stands before it is cut' }],
      caution:
        'The globule can jump and catch fire at the end: stay behind the screen until it is gone.',
      record: ['floats or sinks', 'melts or keeps its shape', 'indicator', 'pace'],
    },
    {
      id: 'calcium',
      text: 'Calcium: water and indicator in the beaker, then one turning.',
      events: [
        water('calcium', 60),
        indicator('calcium', 'phenolphthalein', 3),
        solid('calcium', 'Ca', 0.1),
      ],
      minutes: 3,
      attended: true,
      caution: 'Sets hydrogen free and leaves alkali: goggles, no flame near.',
      record: ['floats or sinks', 'clear or cloudy', 'indicator', 'pace'],
    },
    {
      id: 'magnesium',
      text: 'Magnesium: water and indicator, then a strip cleaned with abrasive paper. Leave it and look again at the end.',
      events: [
        water('magnesium', 60),
        indicator('magnesium', 'phenolphthalein', 3),
        solid('magnesium', 'Mg', 0.1),
      ],
      minutes: 15,
      attended: false,
      record: ['what is seen at once', 'what is seen after a quarter of an hour'],
    },
  ],
  questions: [
    'Put the four metals in order and say which observation decides between neighbours.',
    'Which gas was set free, and how would you prove it?',
    'Why does the indicator change colour?',
  ],
  disposal:
    'Wait until all metal is gone; scraps go into dry propan-2-ol or ethanol at the instructor’s bench, never into water or the bin.',
});

const inAcid = write({
  id: 'metals-in-acid',
  name: 'Metals in acid, and the gas they give',
  kind: 'activeMetals',
  purpose:
    'Magnesium, zinc, iron and copper in the same dilute acid: which react, how fast, and what the gas is.',
  vessels: vessels('testTube', 'Mg', 'Zn', 'Fe', 'Cu', 'collected'),
  apparatus: kit({ 'abrasive paper': 1, splint: 3, 'test-tube rack': 1, stopper: 1 }),
  steps: [
    {
      id: 'clean',
      text: 'Clean the magnesium strip and the copper with abrasive paper.',
      minutes: 2,
      attended: true,
    },
    {
      id: 'splint',
      text: 'Light the burner and have a splint at hand, away from the tubes.',
      minutes: 1,
      attended: true,
      uses: { burner: 1 },
    },
    {
      id: 'magnesium',
      text: 'Dilute hydrochloric acid on the magnesium; hold a second tube upside down over the mouth to catch the gas.',
      events: [solid('Mg', 'Mg', 0.02), pour('Mg', 'HCl', 1, 4), gas('collected', 'H2', 0.6)],
      ranges: [{ event: 1, low: 3, high: 5 }],
      minutes: 2,
      attended: true,
      needs: [
        { step: 'clean', because: 'oxide slows the start' },
        { step: 'splint', because: 'the gas is gone before a splint can be lit' },
      ],
      caution: 'Hydrogen explodes with air: one tube at a time, mouth away from faces.',
      record: ['pace of bubbling', 'warm to the touch?'],
    },
    {
      id: 'pop',
      text: 'Turn the collecting tube up and hold the lit splint to its mouth.',
      events: [test('collected', 'litSplint')],
      minutes: 1,
      attended: true,
      after: [{ step: 'magnesium', maxWaitMin: 1 }],
      needs: [{ step: 'splint', because: 'the splint burns before the tube is turned up' }],
      record: ['what is heard'],
    },
    {
      id: 'zinc',
      text: 'The same acid on a granule of zinc.',
      events: [solid('Zn', 'Zn', 0.3), pour('Zn', 'HCl', 1, 4)],
      minutes: 2,
      attended: true,
      record: ['pace of bubbling'],
    },
    {
      id: 'iron',
      text: 'The same acid on iron filings.',
      events: [solid('Fe', 'Fe', 0.3), pour('Fe', 'HCl', 1, 4)],
      minutes: 2,
      attended: true,
      record: ['pace of bubbling', 'colour of the liquid after a while'],
    },
    {
      id: 'copper',
      text: 'The same acid on copper turnings.',
      events: [solid('Cu', 'Cu', 0.3), pour('Cu', 'HCl', 1, 4)],
      minutes: 2,
      attended: true,
      record: ['what is seen, or that nothing is'],
    },
  ],
  questions: [
    'Which metal does not reduce hydrogen ions, and how do standard potentials tell?',
    'Why is the pop loudest when the gas is mixed with air?',
  ],
  disposal:
    'Zinc and iron solutions to the heavy-metal bottle; metal left over is rinsed, dried and used again.',
});

const displacement = write({
  id: 'metal-trees',
  name: 'Metal trees',
  kind: 'reactionTypes',
  purpose:
    'A metal pushes a nobler one out of its salt. Three pairs react and one does not, which puts the metals in order.',
  vessels: vessels('testTube', 'A', 'B', 'C', 'D'),
  apparatus: kit({ 'abrasive paper': 1, 'test-tube rack': 1, 'hand lens': 1 }),
  steps: [
    {
      id: 'zinc-copper',
      text: 'A: copper(II) sulfate solution and a strip of zinc.',
      events: [pour('A', 'CuSO4', 0.15, 5), solid('A', 'Zn', 0.4)],
      minutes: 3,
      attended: true,
      record: ['colour of the deposit', 'colour of the liquid after five minutes'],
    },
    {
      id: 'iron-copper',
      text: 'B: copper(II) sulfate solution and an iron nail.',
      events: [pour('B', 'CuSO4', 0.15, 5), solid('B', 'Fe', 0.5)],
      minutes: 3,
      attended: true,
      record: ['colour of the deposit'],
    },
    {
      id: 'copper-silver',
      text: 'C: silver nitrate solution and a coil of clean copper. Leave it standing; crystals grow.',
      events: [pour('C', 'AgNO3', 0.06, 5), solid('C', 'Cu', 0.4)],
      minutes: 10,
      attended: false,
      caution: 'Silver nitrate stains skin and burns eyes: gloves and goggles.',
      record: ['colour of the crystals', 'colour of the liquid'],
    },
    {
      id: 'copper-zinc',
      text: 'D: zinc sulfate solution and a strip of copper.',
      events: [pour('D', 'ZnSO4', 0.15, 5), solid('D', 'Cu', 0.4)],
      minutes: 2,
      attended: true,
      after: [{ step: 'iron-copper' }],
      record: ['what is seen, or that nothing is'],
    },
  ],
  questions: [
    'Which metal gives electrons in each tube?',
    'Put zinc, iron, copper and silver in order.',
  ],
  disposal:
    'C to the silver residues, the others to the heavy-metal bottle; strips are rinsed and kept.',
});

/** Metals as givers of electrons. */
export const metals = [onWater, inAcid, displacement] as const;
