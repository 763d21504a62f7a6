import { current, gas, indicator, kit, pour, solid, test, vessels, water, write } from './write';

const melts =
  'The vessel’s engine knows no melts: what a molten salt gives is told in the study of electrolysis.';

const zincPlate = write({
  id: 'zinc-on-a-plate',
  name: 'Zinc on a plate, and where the volts go',
  kind: 'electrodeposition',
  purpose:
    'Zinc is deposited at a chosen current density; mass, current, cell voltage and half-cell readings give efficiency, energy and the share of each voltage.',
  vessels: vessels('beaker', 'cell'),
  apparatus: kit({
    'power supply': 1,
    ammeter: 1,
    voltmeter: 1,
    'reference electrode': 1,
    'zinc sheet': 1,
    'steel plate': 1,
    ruler: 1,
    leads: 4,
    tongs: 1,
  }),
  steps: [
    {
      id: 'plate',
      text: 'Clean the steel plate, measure its wetted sides, weigh it dry to 0.01 g.',
      minutes: 6,
      attended: true,
      uses: { balance: 1 },
      record: ['sides, cm', 'mass before, g'],
    },
    {
      id: 'bath',
      text: 'Fill the cell with acidified zinc sulfate.',
      events: [pour('cell', 'ZnSO4', 0.8, 90), pour('cell', 'H2SO4', 1, 5)],
      minutes: 3,
      attended: true,
      caution: 'Acid zinc bath: goggles and gloves.',
    },
    {
      id: 'connect',
      text: 'Zinc sheet to plus, plate to minus, electrodes apart; the supply still off. Mark the leads.',
      minutes: 3,
      attended: true,
    },
    {
      id: 'run',
      text: 'Switch on, set the current at once, and read current, cell voltage and both half-cells every five minutes.',
      minutes: 40,
      attended: false,
      needs: [
        { step: 'plate', because: 'a plate that was not weighed first gives no efficiency' },
        { step: 'connect', because: 'leads are never moved with the current on' },
      ],
      events: [current('cell', 'steel', 'zinc', 1.6, 40, { areaCm2: 40, mixing: 'stirred' })],
      caution:
        'Switch off before touching the circuit. A little hydrogen comes at the start: no flame.',
      record: [
        'current, A',
        'cell voltage, V',
        'half-cell near and far, V',
        'what is seen at each electrode',
      ],
    },
    {
      id: 'weigh',
      text: 'Switch off, rinse the plate, dip in propanone, dry in air, weigh. Do not wipe.',
      minutes: 6,
      attended: true,
      uses: { balance: 1 },
      after: [{ step: 'run', maxWaitMin: 3 }],
      needs: [{ step: 'run', because: 'the acid takes the zinc off again when the current stops' }],
      caution: 'Propanone is highly flammable: no flame in the room.',
      record: ['mass after, g'],
    },
  ],
  questions: [
    'Current efficiency and energy for one kilogram?',
    'Which part of the cell voltage is lost in the solution?',
  ],
  disposal: 'The bath is used again; spent bath to the heavy-metal bottle.',
});

const melt = write({
  id: 'salt-that-conducts-when-molten',
  name: 'A salt that conducts only when molten',
  kind: 'electrolysisOfSalts',
  purpose:
    'A solid salt does not conduct, the melt does, and comes apart into its elements. Beside it: brine, in which water has its say.',
  vessels: [
    ...vessels('crucible', 'crucible'),
    ...vessels('beaker', 'brine'),
    ...vessels('testTube', 'cathode gas'),
  ],
  apparatus: kit({
    'power supply': 1,
    'graphite rod': 4,
    lamp: 1,
    tongs: 1,
    'damp blue litmus paper': 2,
    splint: 2,
    leads: 4,
  }),
  steps: [
    {
      id: 'cold',
      text: 'In the hood: dry zinc chloride in the crucible, graphite rods, supply and lamp. Does the lamp light?',
      events: [solid('crucible', 'ZnCl2', 8)],
      minutes: 4,
      attended: true,
      uses: { hood: 1 },
      caution: 'Zinc chloride burns skin and eyes.',
      record: ['lamp'],
    },
    {
      id: 'melt',
      text: 'Heat until it melts; the lamp again, then damp litmus above the rod at plus.',
      minutes: 8,
      attended: true,
      uses: { hood: 1, burner: 1 },
      notPredicted: melts,
      caution:
        'Chlorine and fumes of the salt: hood, short time. Molten salt spatters on anything damp.',
      record: ['lamp', 'what is seen at each rod', 'litmus'],
    },
    {
      id: 'brine',
      text: 'Beside it: strong sodium chloride solution with phenolphthalein and clean rods.',
      events: [pour('brine', 'NaCl', 4, 60), indicator('brine', 'phenolphthalein', 4)],
      minutes: 3,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'brine-run',
      text: 'Current on for three minutes; catch the gas at minus, hold damp litmus above plus.',
      events: [current('brine', 'graphite', 'graphite', 0.4, 3)],
      minutes: 4,
      attended: true,
      uses: { hood: 1 },
      notPredicted:
        'Chlorine and hypochlorite bleach the indicator sooner or later; how soon is not followed.',
      caution: 'Chlorine at plus: hood, and stop after three minutes.',
      record: ['colour near each rod', 'litmus'],
    },
    {
      id: 'pop',
      text: 'Lit splint to the gas caught at minus.',
      events: [gas('cathode gas', 'H2', 0.3), test('cathode gas', 'litSplint')],
      minutes: 1,
      attended: true,
      needs: [{ step: 'brine-run', because: 'there is nothing to test before' }],
      record: ['what is heard'],
    },
  ],
  questions: ['Half-equations for all four electrodes.', 'What is left behind in the brine?'],
  disposal:
    'The cold melt is dissolved in water for the heavy-metal bottle; brine is treated with thiosulfate and rinsed away.',
});

const waterTubes = write({
  id: 'two-gases-from-water',
  name: 'Two gases from water, two to one',
  kind: 'waterElectrolysis',
  purpose:
    'Water is taken apart with a current; the gases stand in two tubes, two volumes to one, and each is proved by its splint.',
  vessels: [...vessels('beaker', 'trough'), ...vessels('testTube', 'minus tube', 'plus tube')],
  apparatus: kit({
    '9 V block': 3,
    'stainless hook': 2,
    leads: 4,
    splint: 4,
    'collecting tube': 2,
    'red and black tape': 1,
  }),
  steps: [
    {
      id: 'trough',
      text: 'Sodium sulfate solution with bromothymol blue in the trough; fill both tubes with it and turn them over the hooks.',
      events: [pour('trough', 'Na2SO4', 0.4, 100), indicator('trough', 'bromothymol blue', 12)],
      minutes: 5,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'leads',
      text: 'Mark the leads with tape, batteries in series. Do not swap them between classes: the gases would mix.',
      minutes: 2,
      attended: true,
    },
    {
      id: 'run',
      text: 'Switch on until the tube at minus is full. Run another test meanwhile.',
      minutes: 20,
      attended: false,
      needs: [{ step: 'leads', because: 'swapped leads put an explosive mixture into one tube' }],
      events: [current('trough', 'stainless steel', 'stainless steel', 0.08, 20, { areaCm2: 4 })],
      caution: 'Never lead both gases into one tube.',
      record: ['colour at each hook'],
      measures: [
        { name: 'time since switching on', quantity: 'time' },
        { name: 'gas at minus', quantity: 'volume' },
        { name: 'gas at plus', quantity: 'volume' },
      ],
    },
    {
      id: 'minus',
      text: 'Thumb on the tube at minus, turn it up, lit splint.',
      events: [gas('minus tube', 'H2', 0.8), test('minus tube', 'litSplint')],
      minutes: 1,
      attended: true,
      ready: ['lit splint'],
      needs: [{ step: 'run', because: 'there is nothing to test before' }],
      record: ['what is heard'],
    },
    {
      id: 'plus',
      text: 'Thumb on the tube at plus, turn it up, glowing splint.',
      events: [gas('plus tube', 'O2', 0.4), test('plus tube', 'glowingSplint')],
      minutes: 1,
      attended: true,
      ready: ['glowing splint'],
      needs: [{ step: 'run', because: 'there is nothing to test before' }],
      record: ['what the splint does'],
    },
  ],
  analyses: [
    { kind: 'line', x: 'time since switching on', y: 'gas at minus' },
    { kind: 'line', x: 'gas at plus', y: 'gas at minus' },
  ],
  questions: [
    'Why is there a little less than half as much at plus?',
    'Why does the colour differ at the two hooks?',
    'A solution that has yellowed: what dissolved?',
  ],
  disposal: 'The solution is kept for the next class; once yellow, to the heavy-metal bottle.',
});

const twoPairs = write({
  id: 'copper-and-carbon-compared',
  name: 'The same solution, two pairs of electrodes',
  kind: 'electrodesCompared',
  purpose:
    'Copper(II) sulfate between copper strips and between graphite rods, at several currents: what dissolves, what does not, and how mass follows current.',
  vessels: vessels('beaker', 'copper cell', 'carbon cell'),
  apparatus: kit({
    'power supply': 1,
    ammeter: 1,
    'copper strip': 2,
    'graphite rod': 2,
    leads: 4,
    'abrasive paper': 1,
    stopwatch: 1,
  }),
  steps: [
    {
      id: 'clean',
      text: 'Clean the strips with abrasive paper, rinse, dip in propanone, dry and weigh both; mark which is which.',
      minutes: 6,
      attended: true,
      uses: { balance: 1 },
      caution: 'Propanone is highly flammable: no flame in the room.',
      record: ['mass of each strip, g'],
    },
    {
      id: 'cells',
      text: 'Copper(II) sulfate into both beakers.',
      events: [pour('copper cell', 'CuSO4', 0.4, 80), pour('carbon cell', 'CuSO4', 0.4, 80)],
      minutes: 3,
      attended: true,
      record: ['colour'],
    },
    {
      id: 'copper-run',
      text: 'Copper strips, 0.25 A for fifteen minutes; keep the current steady.',
      minutes: 15,
      attended: false,
      needs: [{ step: 'clean', because: 'a strip that was not weighed first tells nothing' }],
      events: [current('copper cell', 'copper', 'copper', 0.25, 15)],
      record: ['current every three minutes', 'colour at the end'],
    },
    {
      id: 'carbon-run',
      text: 'Graphite rods, the same current.',
      events: [current('carbon cell', 'graphite', 'graphite', 0.25, 15)],
      minutes: 15,
      attended: false,
      record: ['what is seen at each rod', 'colour at the end'],
    },
    {
      id: 'weigh',
      text: 'Rinse, dip, dry in air and weigh the strips. Do not wipe.',
      minutes: 5,
      attended: true,
      uses: { balance: 1 },
      after: [{ step: 'copper-run' }],
      needs: [{ step: 'copper-run', because: 'the change of mass is what the current did' }],
      record: ['mass of each strip, g'],
    },
  ],
  questions: [
    'Why does the blue fade in one beaker and not in the other?',
    'Does the gain equal the loss? What falls to the bottom?',
    'An efficiency above 100 %: where is the mistake?',
  ],
  disposal: 'The solution is used again; at last to the heavy-metal bottle.',
});

const drop = write({
  id: 'one-drop-under-a-lid',
  name: 'One drop under a lid',
  kind: 'dropElectrolysis',
  purpose:
    'A single drop of salt solution is electrolysed under a lid, and drops beside it tell what its vapour does.',
  vessels: vessels('dish', 'drop', 'iodide', 'bromide', 'litmus'),
  apparatus: kit({
    '9 V block': 1,
    'pencil lead': 2,
    'glass lid': 1,
    'white card': 1,
    'dropping pipette': 4,
  }),
  steps: [
    {
      id: 'spots',
      text: 'Set drops round the middle of the dish: potassium iodide with starch, potassium bromide, litmus.',
      events: [
        pour('iodide', 'KI', 0.1, 0.1),
        indicator('iodide', 'starch', 1),
        pour('bromide', 'KBr', 0.2, 0.1),
        water('litmus', 0.5),
        indicator('litmus', 'litmus', 1),
      ],
      minutes: 3,
      attended: true,
      record: ['colour of each drop'],
    },
    {
      id: 'middle',
      text: 'A large drop of strong sodium chloride in the middle, both leads in it, not touching.',
      events: [pour('drop', 'NaCl', 3, 0.2)],
      minutes: 2,
      attended: true,
      needs: [{ step: 'spots', because: 'the vapour comes within seconds' }],
    },
    {
      id: 'run',
      text: 'Lid on, current on for half a minute.',
      minutes: 2,
      attended: true,
      ready: ['lid'],
      needs: [{ step: 'spots', because: 'the vapour comes within seconds' }],
      events: [current('drop', 'graphite', 'graphite', 0.02, 0.5, { areaCm2: 0.2 })],
      caution: 'A trace of chlorine: the lid stays on, half a minute and no longer.',
      record: ['what is seen at each lead'],
    },
    {
      id: 'look',
      text: 'Look at the drops beside, in order of their distance.',
      events: [
        { vessel: 'iodide', action: { do: 'bubble', gas: 'Cl2', amountMmol: 0.002 } },
        { vessel: 'bromide', action: { do: 'bubble', gas: 'Cl2', amountMmol: 0.002 } },
        { vessel: 'litmus', action: { do: 'bubble', gas: 'Cl2', amountMmol: 0.002 } },
      ],
      minutes: 2,
      attended: true,
      needs: [{ step: 'run', because: 'there is no vapour before' }],
      record: ['colour of each drop'],
    },
  ],
  questions: ['Which vapour was it, and which drop proves it?', 'Why is the bromide drop slower?'],
  disposal: 'Wiped up with a damp paper.',
});

/** What a current does. */
export const electrolysis = [zincPlate, melt, waterTubes, twoPairs, drop] as const;
