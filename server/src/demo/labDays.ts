import { firstWeek } from './firstWeek';
import type { DemoDay } from './demoDay';

/** What the net loft has, and who is there. */
const loft = {
  lengthMin: 100,
  groupSize: 3,
  staff: ['M. Sandpiper', 'T. Avocet'],
  kit: { 'hot plate': 4, balance: 3, hood: 2, burner: 8, desiccator: 3 },
  balanceG: 0.01,
};
const dayLength = 86_400_000;
const portion = (substance: string, concentrationM: number, volumeMl: number) => ({
  substance,
  concentrationM,
  volumeMl,
});

/**
 * The evening course “What is in the jar?” at the Lantern Quay Evening School: one class held a week ago with its
 * record, one coming that is planned and half prepared. All names and results are invented.
 */
export function demoDays(today: Date): DemoDay[] {
  const date = (days: number) =>
    new Date(today.getTime() + days * dayLength).toISOString().slice(0, 10);
  return [
    { ...loft, ...firstWeek, date: date(-13) },
    {
      ...loft,
      name: 'Week 2: clouds in the tube',
      procedures: [],
      date: date(-6),
      sparePercent: 20,
      groups: ['Bench Heron', 'Bench Tern', 'Bench Plover'],
      mixings: [
        { container: 'testTube', a: portion('CuSO4', 0.15, 3), b: portion('Na2CO3', 0.25, 3) },
        { container: 'testTube', a: portion('CaCl2', 0.3, 2.5), b: portion('Na2C2O4', 0.1, 2.5) },
        { container: 'testTube', a: portion('KNO3', 0.2, 2.5), b: portion('NaCl', 0.2, 2.5) },
      ],
      weighings: [
        {
          substance: 'CuSO4',
          concentrationM: 0.15,
          volumeMl: 20,
          form: 'CuSO4·5H2O',
          purityPercent: 99,
          actualG: 0.76,
        },
        {
          substance: 'Na2CO3',
          concentrationM: 0.25,
          volumeMl: 20,
          form: 'Na2CO3',
          purityPercent: 99,
          actualG: 0.54,
        },
        {
          substance: 'CaCl2',
          concentrationM: 0.3,
          volumeMl: 10,
          form: 'CaCl2·2H2O',
          purityPercent: 99,
          actualG: 0.45,
        },
        {
          substance: 'Na2C2O4',
          concentrationM: 0.1,
          volumeMl: 10,
          form: 'Na2C2O4',
          purityPercent: 99,
          actualG: 0.14,
        },
        {
          substance: 'KNO3',
          concentrationM: 0.2,
          volumeMl: 10,
          form: 'KNO3',
          purityPercent: 99,
          actualG: 0.21,
        },
        {
          substance: 'NaCl',
          concentrationM: 0.2,
          volumeMl: 10,
          form: 'NaCl',
          purityPercent: 99,
          actualG: 0.12,
        },
      ],
      records: [
        {
          group: 'Bench Heron',
          work: 0,
          seen: [
            { kind: 'colour', from: 'pale blue', to: 'colourless' },
            { kind: 'clarity', to: 'opaque' },
            { kind: 'precipitate', colour: 'pale blue-green', texture: 'flocculent' },
          ],
        },
        {
          group: 'Bench Heron',
          work: 1,
          seen: [
            { kind: 'colour', from: 'colourless', to: 'colourless' },
            { kind: 'clarity', to: 'opaque' },
            { kind: 'precipitate', colour: 'white', texture: 'fine' },
          ],
        },
        { group: 'Bench Heron', work: 2, seen: [{ kind: 'noChange' }] },
        {
          group: 'Bench Tern',
          work: 0,
          seen: [
            { kind: 'colour', from: 'pale blue', to: 'pale blue' },
            { kind: 'clarity', to: 'clear' },
            { kind: 'noPrecipitate' },
            { kind: 'note', text: 'Tube stood in the rack for a minute; nothing settled.' },
          ],
        },
        {
          group: 'Bench Tern',
          work: 1,
          seen: [
            { kind: 'clarity', to: 'cloudy' },
            { kind: 'precipitate', colour: 'white' },
          ],
        },
      ],
    },
    {
      ...loft,
      name: 'Week 3: which pairs turn solid?',
      procedures: [],
      date: date(1),
      sparePercent: 25,
      groups: ['Bench Heron', 'Bench Tern', 'Bench Plover', 'Bench Dunlin'],
      mixings: [
        { container: 'testTube', a: portion('FeCl3', 0.1, 3), b: portion('NaOH', 0.35, 3) },
        { container: 'testTube', a: portion('MgSO4', 0.3, 2), b: portion('NaOH', 0.35, 3) },
        {
          container: 'testTube',
          a: portion('CuSO4', 0.12, 2.5),
          b: portion('K4Fe(CN)6', 0.06, 2.5),
        },
        { container: 'testTube', a: portion('FeCl3', 0.08, 2), b: portion('KI', 0.12, 2) },
      ],
      weighings: [
        {
          substance: 'FeCl3',
          concentrationM: 0.1,
          volumeMl: 20,
          form: 'FeCl3·6H2O',
          purityPercent: 99,
          actualG: 0.55,
        },
      ],
      records: [],
    },
    {
      ...loft,
      name: 'Week 4: water, gas and light',
      date: date(8),
      sparePercent: 20,
      groups: [
        'Heron',
        'Tern',
        'Plover',
        'Dunlin',
        'Knot',
        'Curlew',
        'Turnstone',
        'Sanderling',
      ].map((name) => `Bench ${name}`),
      mixings: [],
      procedures: [
        { id: 'metals-on-water', manner: 'demonstration' },
        { id: 'clear-pairs', manner: 'groups' },
        { id: 'crystal-water-by-mass', manner: 'groups' },
        { id: 'halide-darkens', manner: 'groups' },
        { id: 'which-acid-for-which-carbonate', manner: 'groups' },
        { id: 'metal-trees', manner: 'groups' },
      ],
      weighings: [],
      records: [],
    },
  ];
}
