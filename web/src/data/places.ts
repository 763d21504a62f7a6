/** A view that is no lab day, as the search and the list of studies name it. */
export interface Place {
  readonly to: string;
  readonly name: string;
  readonly about: string;
  readonly keywords: readonly string[];
  /** Stands in the list of studies. */
  readonly isStudy?: true;
}

/** Every view beside the lab days. */
export const places: readonly Place[] = [
  {
    to: '/mix',
    name: 'Mix anything',
    about: 'Fill vessels and see what happens',
    keywords: ['try', 'react'],
    isStudy: true,
  },
  {
    to: '/equilibrium',
    name: 'Equilibrium',
    about: 'Shift a coloured equilibrium',
    keywords: ['shift', 'complex', 'indicator', 'quotient', 'colour'],
    isStudy: true,
  },
  {
    to: '/electrolysis',
    name: 'Electrolysis',
    about: 'What comes off, how much, where the volts go',
    keywords: ['electrode', 'anode', 'cathode', 'current', 'deposit', 'efficiency', 'faraday'],
    isStudy: true,
  },
  {
    to: '/electrolysis/runs',
    name: 'Electrolysis: runs',
    about: 'Logs of cells, judged',
    keywords: ['log', 'voltage', 'mass', 'reading'],
  },
  {
    to: '/electrolysis/series',
    name: 'Electrolysis: mass against current',
    about: 'A series, its line and its slope',
    keywords: ['slope', 'plot', 'anode', 'cathode'],
  },
  {
    to: '/gases',
    name: 'Gases',
    about: 'Reagents, apparatus, collection, proof; cycles',
    keywords: ['gas', 'hydrogen', 'oxygen', 'collect', 'syringe', 'purge', 'routes'],
    isStudy: true,
  },
  {
    to: '/gases/make',
    name: 'Gases: make and collect',
    about: 'Amounts, purge, filling, the room',
    keywords: ['syringe', 'jar', 'tube', 'volume'],
  },
  {
    to: '/gases/apparatus',
    name: 'Gases: apparatus',
    about: 'The parts in their order',
    keywords: ['drawing', 'drying', 'washing'],
  },
  {
    to: '/gases/unknown',
    name: 'Unknown gas',
    about: 'Which test tells most next',
    keywords: ['identify', 'test', 'litmus', 'splint'],
  },
  {
    to: '/gases/cycles',
    name: 'Cycles of reactions',
    about: 'Carbonate, oxide, hydroxide and back; copper there and back; with yields',
    keywords: ['ring', 'cycle', 'yield', 'limestone', 'copper'],
  },
  {
    to: '/unknowns',
    name: 'Unknowns',
    about: 'What is in the jar, by the fewest tests',
    keywords: ['identify', 'organic', 'salt', 'mixture', 'solubility', 'structure'],
    isStudy: true,
  },
  {
    to: '/unknowns/separation',
    name: 'Unknowns: separation',
    about: 'The classical scheme of cations',
    keywords: ['group', 'sulfide', 'scheme'],
  },
  {
    to: '/unknowns/set',
    name: 'Unknowns: check a set',
    about: 'Can these jars be told apart?',
    keywords: ['jars', 'fewest'],
  },
  {
    to: '/practice',
    name: 'Practice',
    about: 'A virtual bench, and drills',
    keywords: ['train', 'drill', 'learn', 'quiz'],
    isStudy: true,
  },
  {
    to: '/dish',
    name: 'Two salts in a dish',
    about: 'Where and when the line comes',
    keywords: ['dish', 'diffusion', 'precipitate', 'line'],
    isStudy: true,
  },
  {
    to: '/procedures',
    name: 'Procedures',
    about: 'The library and your own',
    keywords: ['library', 'adapt', 'worksheet'],
  },
  {
    to: '/recipes',
    name: 'Recipes',
    about: 'How to make up a solution: what to weigh or pour, and its label',
    keywords: [
      'solution',
      'dilute',
      'weigh',
      'molarity',
      'stock',
      'indicator',
      'saturated',
      'label',
    ],
  },
  {
    to: '/shelf',
    name: 'Shelf',
    about: 'What is in stock, and where',
    keywords: ['stock', 'jars', 'csv', 'order'],
  },
  {
    to: '/settings',
    name: 'Settings',
    about: 'Schools, decimals, paper, room, sound, text',
    keywords: ['naming', 'units', 'comma', 'letter', 'a4', 'drops', 'institution', 'font'],
  },
  {
    to: '/data',
    name: 'Data',
    about: 'Take in a file, backup, restore, calendar',
    keywords: ['import', 'export', 'json', 'backup', 'restore', 'ical', 'ics'],
  },
  {
    to: '/access',
    name: 'Who may come in',
    about: 'Passphrases, sign out, what was done',
    keywords: ['passphrase', 'password', 'audit', 'sign'],
  },
  {
    to: '/help/glossary',
    name: 'Glossary',
    about: 'Words, and names in every school',
    keywords: ['help', 'terms', 'names'],
  },
  {
    to: '/help/sources',
    name: 'Sources',
    about: 'Every constant with its unit and source',
    keywords: ['help', 'constants', 'handbook', 'data'],
  },
];
