import { dropsOf, filterInto, kit, pour, solid, vessels, wait, water, write } from './write';

const pairs = write({
  id: 'clear-pairs',
  name: 'Six clear pairs',
  kind: 'precipitation',
  purpose:
    'Which pairs of clear solutions turn solid when they meet, and which do not. One pair that stays clear stands among them, so that a class learns to report that nothing happened.',
  vessels: vessels('testTube', '1', '2', '3', '4', '5', '6'),
  apparatus: kit({ 'dropping pipette': 7, 'test-tube rack': 1, 'black card': 1 }),
  steps: [
    {
      id: 'magnesium',
      text: 'Tube 1: magnesium sulfate solution, then sodium hydroxide. Look against the black card.',
      events: [pour('1', 'MgSO4', 0.25, 2), pour('1', 'NaOH', 0.4, 2)],
      ranges: [
        { event: 0, low: 1.5, high: 2.5 },
        { event: 1, low: 1.5, high: 2.5 },
      ],
      minutes: 2,
      attended: true,
      ready: ['black card behind the rack'],
      caution:
        'Sodium hydroxide burns skin and eyes: goggles on, splashes washed off with much water.',
      record: ['colour and texture of any solid', 'whether it settles'],
    },
    {
      id: 'iron',
      text: 'Tube 2: iron(III) chloride solution, then sodium hydroxide.',
      events: [pour('2', 'FeCl3', 0.12, 2), pour('2', 'NaOH', 0.4, 2)],
      minutes: 2,
      attended: true,
      record: ['colour before and after', 'colour and texture of any solid'],
    },
    {
      id: 'calcium',
      text: 'Tube 3: calcium chloride solution, then sodium carbonate.',
      events: [pour('3', 'CaCl2', 0.3, 2), pour('3', 'Na2CO3', 0.3, 2)],
      minutes: 2,
      attended: true,
      record: ['colour and texture of any solid'],
    },
    {
      id: 'copper',
      text: 'Tube 4: copper(II) sulfate solution, then sodium phosphate.',
      events: [pour('4', 'CuSO4', 0.12, 2), pour('4', 'Na3PO4', 0.12, 2)],
      minutes: 2,
      attended: true,
      record: ['colour before and after', 'colour and texture of any solid'],
    },
    {
      id: 'zinc',
      text: 'Tube 5: zinc sulfate solution, then sodium carbonate.',
      events: [pour('5', 'ZnSO4', 0.25, 2), pour('5', 'Na2CO3', 0.3, 2)],
      minutes: 2,
      attended: true,
      record: ['colour and texture of any solid'],
    },
    {
      id: 'nothing',
      text: 'Tube 6: sodium chloride solution, then potassium nitrate. Write down what you see, even if it is nothing.',
      events: [pour('6', 'NaCl', 0.4, 2), pour('6', 'KNO3', 0.4, 2)],
      minutes: 2,
      attended: true,
      record: ['what is seen, or that nothing is'],
    },
  ],
  questions: [
    'Which ions left the solution in each tube, and which only watched?',
    'Write the net ionic equation for each tube in which a solid formed.',
    'What would you add to tube 6 to make a solid after all?',
  ],
  disposal:
    'Copper and zinc tubes go to the heavy-metal bottle; the rest is rinsed away where local rules allow it.',
});

const dish = write({
  id: 'line-in-a-dish',
  name: 'A line in a dish',
  kind: 'precipitation',
  purpose:
    'Two salts dissolve at opposite edges of a dish of still water, and a line of solid grows where their ions meet. Where it stands tells which ion was slower.',
  vessels: vessels('dish', 'dish'),
  apparatus: kit({
    'shallow dish, 9 cm': 1,
    spatula: 2,
    'sheet of graph paper': 1,
    'black card': 1,
  }),
  steps: [
    {
      id: 'fill',
      text: 'Stand the dish on graph paper on a bench nobody leans on and cover the bottom with distilled water. Wait until it is still.',
      events: [water('dish', 22)],
      ranges: [{ event: 0, low: 20, high: 25 }],
      minutes: 3,
      attended: true,
      ready: ['both salts weighed out on paper'],
    },
    {
      id: 'edges',
      text: 'Slip one salt into the water at the left edge and, at the same moment, the other at the right edge. Do not stir.',
      events: [solid('dish', 'CuSO4·5H2O', 0.12), solid('dish', 'Na2CO3', 0.08)],
      ranges: [
        { event: 0, low: 0.1, high: 0.2 },
        { event: 1, low: 0.05, high: 0.1 },
      ],
      minutes: 1,
      attended: true,
      needs: [{ step: 'fill', because: 'crystals on a dry dish stay where they fall' }],
      caution: 'Copper(II) sulfate harms eyes and water life: goggles, and nothing into the sink.',
      record: ['time of adding'],
    },
    {
      id: 'line',
      text: 'Leave the dish alone. Note when the first line shows and its distance from each edge, then every five minutes.',
      minutes: 20,
      attended: false,
      notPredicted:
        'Where and when the line stands depends on diffusion and on slow currents from the dissolving crystals, which the vessel’s engine, a well-stirred one, does not follow.',
      record: [
        'minute at which the line shows',
        'distance from each edge, mm',
        'colour of the line',
      ],
    },
  ],
  questions: [
    'The line is not in the middle. Which ions arrived there more slowly?',
    'Why does the whole dish not cloud?',
    'Name another pair of salts that would draw a line of another colour.',
  ],
  disposal: 'Stir, filter the solid off and keep filtrate and paper with the copper waste.',
});

const barium = write({
  id: 'barium-cleared',
  name: 'Clearing barium from a solution',
  kind: 'precipitation',
  purpose:
    'A toxic ion is taken out of solution with an excess of a precipitant, filtered off, and the filtrate is tested to prove that it is gone.',
  vessels: vessels('beaker', 'beaker', 'filtrate', 'excess tested'),
  apparatus: kit({
    'filter funnel': 1,
    'filter paper': 2,
    'stirring rod': 1,
    'dropping pipette': 2,
    tray: 1,
  }),
  steps: [
    {
      id: 'solution',
      text: 'Measure the barium chloride solution into the beaker, standing in a tray.',
      events: [pour('beaker', 'BaCl2', 0.08, 15)],
      minutes: 2,
      attended: true,
      caution:
        'Soluble barium is poisonous when swallowed: gloves, nothing to the mouth, hands washed after.',
    },
    {
      id: 'precipitant',
      text: 'Stir and add sodium sulfate solution, more than the barium needs.',
      events: [pour('beaker', 'Na2SO4', 0.15, 10)],
      minutes: 3,
      attended: true,
      record: ['colour and texture of the solid'],
    },
    {
      id: 'funnel',
      text: 'Fold the paper and set up the funnel with its stem against the wall of the second beaker.',
      minutes: 3,
      attended: true,
      after: [{ step: 'solution' }],
    },
    {
      id: 'filter',
      text: 'Decant through the filter first and wash the solid in last. It drips on by itself.',
      events: [filterInto('beaker', 'filtrate')],
      minutes: 10,
      attended: false,
      after: [{ step: 'precipitant' }, { step: 'funnel' }],
      needs: [{ step: 'funnel', because: 'the filter stands ready before anything is poured' }],
      record: ['whether the filtrate is clear'],
    },
    {
      id: 'prove',
      text: 'Test the filtrate: a few drops more of sodium sulfate. If it clouds, add more to all of it and filter again.',
      events: [dropsOf('filtrate', 'Na2SO4', 0.15, 6)],
      minutes: 2,
      attended: true,
      record: ['whether it clouds'],
    },
    {
      id: 'check',
      text: 'Show that sulfate was in excess: a drop of barium chloride in a little of the filtrate.',
      events: [
        { pour: 'filtrate', into: 'excess tested', share: 0.1 },
        dropsOf('excess tested', 'BaCl2', 0.08, 3),
      ],
      minutes: 2,
      attended: true,
      record: ['whether it clouds'],
    },
  ],
  questions: [
    'How much sulfate was needed, and how much was added?',
    'The solubility product of barium sulfate is about 1 × 10⁻¹⁰. How much barium is left at most?',
    'Why do filtrate and paper go separate ways?',
  ],
  disposal:
    'The paper with the solid is dried and bagged as hazardous solid waste; the proven filtrate goes down the drain only where local rules allow it.',
});

const silver = write({
  id: 'halide-darkens',
  name: 'One white solid in light and in the dark',
  kind: 'firstCircuit',
  purpose:
    'A fresh silver salt is split in two: one half is left in daylight, the other wrapped in foil. Only a control can show that it is light that darkens it.',
  vessels: vessels('testTube', 'light', 'dark'),
  apparatus: kit({ 'aluminium foil, piece': 1, 'dropping pipette': 2, 'test-tube rack': 1 }),
  steps: [
    {
      id: 'light',
      text: 'Tube “light”: sodium chloride solution, then silver nitrate.',
      events: [pour('light', 'NaCl', 0.12, 2), pour('light', 'AgNO3', 0.05, 1)],
      minutes: 2,
      attended: true,
      ready: ['foil cut to size'],
      caution: 'Silver nitrate stains skin and clothes black and burns eyes: gloves and goggles.',
      record: ['colour and texture of the solid'],
    },
    {
      id: 'dark',
      text: 'Tube “dark”: the same again, and wrap it in foil at once.',
      events: [pour('dark', 'NaCl', 0.12, 2), pour('dark', 'AgNO3', 0.05, 1)],
      minutes: 2,
      attended: true,
      record: ['time of wrapping'],
    },
    {
      id: 'stand',
      text: 'Stand the bare tube at the window, the wrapped one beside it. Run another test meanwhile.',
      events: [{ vessel: 'light', action: { do: 'light', minutes: 15 } }],
      minutes: 15,
      attended: false,
      needs: [{ step: 'dark', because: 'the control starts at the same time' }],
    },
    {
      id: 'compare',
      text: 'Unwrap the control and hold both tubes side by side.',
      events: [wait('light', 1)],
      minutes: 2,
      attended: true,
      record: ['colour of the solid in each tube'],
    },
  ],
  questions: ['What would you have concluded without the dark tube?', 'What is the darker stuff?'],
  disposal: 'All of it to the silver residues.',
});

/** Solids out of solutions. */
export const precipitation = [pairs, dish, barium, silver] as const;
