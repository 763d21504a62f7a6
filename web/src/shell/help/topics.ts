/** What a view is, what to do in it, and the words to look up. */
export interface Topic {
  /** Beginning of the address; a part beginning with a colon is anything. */
  readonly path: string;
  readonly title: string;
  readonly what: string;
  readonly how: readonly string[];
  readonly terms: readonly string[];
}

/** The longest address that fits counts, so the order does not matter. */
export const topics: readonly Topic[] = [
  {
    path: '/',
    title: 'Lab days',
    what: 'The record of your classes, the next one first. Each carries on where it was left.',
    how: [
      'New lab day makes one; its stages then lead from Plan to Report.',
      'Studies are tried out beside a lab day and can be attached to it.',
      'A term is planned again with all its dates moved; an old day is archived from its own page.',
    ],
    terms: ['Lab day', 'Spare'],
  },
  {
    path: '/days/:dayId/plan',
    title: 'Plan',
    what: 'What the class does: tests of two solutions and procedures, fitted into the time and kit there is.',
    how: [
      'Add procedures from the library, or write your own; each shows what it should look like.',
      'The timetable fills waiting with other work; drag a task or move it with the arrow keys.',
      'Alternatives finds other reagents that show the same and are safer, cheaper or on the shelf.',
    ],
    terms: ['Adapted procedure', 'Departure', 'Expected', 'Order guard'],
  },
  {
    path: '/days/:dayId/prepare',
    title: 'Prepare',
    what: 'Everything the technician needs: masses for the form that is on the shelf, labels, equipment, safety, waste.',
    how: [
      'Weigh with the band: a near miss is accepted and what it really made is kept.',
      'Labels print on the sheets you have; blank ones for unknowns.',
      'Waste says into which bottle everything goes and what makes it harmless.',
    ],
    terms: ['Hydrate', 'Tare', 'Spare', 'Limiting reagent'],
  },
  {
    path: '/days/:dayId/bench',
    title: 'Bench',
    what: 'Expected beside seen, step by step, with what must be ready before the next one.',
    how: [
      'Tap what is seen; keys in the corners of the chips do the same. Z takes the last one back.',
      'Run the blank and the control beside the test: choose the part above the chips.',
      'Anything done otherwise goes under Departure. Nothing is lost when the server is away.',
    ],
    terms: ['Clarity', 'Blank', 'Control', 'Departure', 'Station', 'Seen'],
  },
  {
    path: '/days/:dayId/judge',
    title: 'Judge',
    what: 'Every bench beside the prediction: what agrees, what differs, and what most likely caused it.',
    how: [
      'Open a square of the board for the causes; each names the check that decides.',
      'Your word stands over the computed verdict, with its reason; both are kept.',
      'Measurements are worked out with their uncertainty and spread over the class.',
    ],
    terms: ['Agreement', 'Verdict', 'Evidence of chemical change', 'Uncertainty', 'Constant mass'],
  },
  {
    path: '/days/:dayId/report',
    title: 'Report',
    what: 'What people hand in or file: the day, a group, a procedure or an unknown, with the key or without.',
    how: [
      'Choose what it is about, for whom, and which parts.',
      'Print, or save it as PDF, as an HTML file that stands alone, or as Markdown; tables leave as CSV.',
      'Worksheets are made from any procedure, in several copies with their key.',
    ],
    terms: ['Key', 'Agreement', 'Uncertainty'],
  },
  {
    path: '/days/:dayId/groups',
    title: 'Groups',
    what: 'Tablets join with the code on the wall; here you see them, release what is expected, send a message, deal unknowns.',
    how: [
      'Make the code and show it.',
      'A bench never sees a key.',
      'Put a lost tablet out with one tap.',
    ],
    terms: ['Unknown', 'Key'],
  },
  {
    path: '/procedures',
    title: 'Procedures',
    what: 'The library and what you have written or adapted yourself.',
    how: ['Open one to read, print, adapt, make a worksheet, or save as a file.'],
    terms: ['Adapted procedure', 'Order guard'],
  },
  {
    path: '/shelf',
    title: 'Shelf',
    what: 'The jars there are: form, purity, place, how much is left, when to order.',
    how: ['Take a CSV in or save one; a file with a mistake changes nothing.'],
    terms: ['Hydrate'],
  },
  {
    path: '/mix',
    title: 'Mix anything',
    what: 'Fill vessels and act on them step by step; the engine says what is seen and why.',
    how: [
      'Every step can be undone. “Not predicted” says why.',
      'Keep a run to compare it with another, or put it into a lab day.',
      'The address of the page holds what is on the bench: copy it to send it to somebody.',
    ],
    terms: ['Not predicted', 'Net ionic equation', 'Ion pair', 'Activity'],
  },
  {
    path: '/equilibrium',
    title: 'Equilibrium',
    what: 'Shift a coloured equilibrium forward and back, or plan the additions that reach each colour.',
    how: [
      'The scale shows the quotient against K.',
      'Say which colours you want; the plan keeps within the vessel.',
    ],
    terms: ['Quotient', 'Activity'],
  },
  {
    path: '/electrolysis',
    title: 'Electrolysis',
    what: 'What comes off at each electrode, how much, and where the volts go; runs with readings against the theory.',
    how: [
      'Set the solution or melt and both electrodes; the answer names its reason.',
      'Plan calculates area, time and tubes; Runs keep a log; Series plots mass against current.',
    ],
    terms: ['Anode, cathode', 'Current efficiency', 'Overpotential'],
  },
  {
    path: '/gases',
    title: 'Gases',
    what: 'Reagents and apparatus for a gas, how much, how it is collected and proved; cycles of reactions.',
    how: [
      'Routes grades every pair of reagents with its reason.',
      'Make calculates amounts, purge and filling; Apparatus draws the parts in their order.',
    ],
    terms: ['Purge', 'Downward delivery', 'Upward delivery', 'Suck-back', 'Splint', 'Unsaturated'],
  },
  {
    path: '/unknowns',
    title: 'Unknowns',
    what: 'What is in the jar, by the fewest tests: possibilities after each result and the next best test.',
    how: [
      'Record each result with its blank; a contradiction is pointed out.',
      'Separation runs the classical scheme; Check a set says whether jars can be told apart.',
    ],
    terms: ['Unknown', 'Blank', 'Amphoteric', 'Key'],
  },
  {
    path: '/practice',
    title: 'Practice',
    what: 'A virtual bench with an unknown, and drills. The engine knows the answer and keeps it.',
    how: ['Keys 1 to 4 answer a drill. What was missed comes back sooner.'],
    terms: ['Unknown', 'Blank'],
  },
  {
    path: '/dish',
    title: 'Two salts in a dish',
    what: 'Two salts at opposite edges of a shallow dish: where and when the line comes, and why there.',
    how: ['Let it run; compare with what three groups measured.'],
    terms: ['Precipitate', 'Spectator ion'],
  },
  {
    path: '/settings',
    title: 'Settings',
    what: 'Schools, units and habits for all; sound, text and look for this browser.',
    how: ['Schools can also be changed from the sliders at the top of every page.'],
    terms: ['Five types', 'Driving force', 'Constant mass'],
  },
  {
    path: '/data',
    title: 'Data',
    what: 'Files in and out, backup and calendar.',
    how: [
      'A file shows what it would change before anything changes; it comes in whole or not at all.',
    ],
    terms: ['Key'],
  },
];

/** What is said of an address; the first one where nothing else fits. */
export function topicFor(path: string): Topic | undefined {
  const parts = path.split('/').filter(Boolean);
  const fits = ({ path: of }: Topic): boolean =>
    of
      .split('/')
      .filter(Boolean)
      .every((part, at) => part.startsWith(':') || part === parts[at]);
  return topics.filter(fits).sort((one, other) => other.path.length - one.path.length)[0];
}
