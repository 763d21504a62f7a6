/** A word of the trade and what it means here. */
export interface Term {
  readonly term: string;
  readonly means: string;
}

/** Words that the application uses, in alphabetical order. */
export const terms: readonly Term[] = [
  {
    term: 'Activity',
    means:
      'The effective concentration of an ion: lower than the real one where many ions are about. The engine calculates with it.',
  },
  {
    term: 'Adapted procedure',
    means:
      'A copy of a procedure with changes; what it was adapted from, and where it departs, is kept with it.',
  },
  {
    term: 'Agreement',
    means:
      'How what was seen compares with what is expected: agrees, partly, differs, or incomplete while something is not yet recorded.',
  },
  {
    term: 'Amphoteric',
    means: 'Dissolves both in acid and in an excess of alkali, as zinc and aluminium hydroxide do.',
  },
  {
    term: 'Anode, cathode',
    means:
      'Oxidation goes on at the anode (plus, in electrolysis), reduction at the cathode (minus).',
  },
  {
    term: 'Blank',
    means: 'The same test without the sample: shows what the reagents do by themselves.',
  },
  {
    term: 'Clarity',
    means:
      'Clear, cloudy or opaque: how far one sees through. Colourless is a colour, clear is a clarity; both are recorded.',
  },
  {
    term: 'Constant mass',
    means: 'Two weighings after heating that agree within the balance: no more water leaves.',
  },
  {
    term: 'Control',
    means: 'The same test with a sample of which the outcome is known: shows that the test works.',
  },
  {
    term: 'Current efficiency',
    means: 'Share of the current that did what it was meant to: mass found over mass by charge.',
  },
  { term: 'Decant', means: 'Pour the liquid off a settled solid.' },
  {
    term: 'Departure',
    means:
      'What was done otherwise than written: time, amount, temperature, reagent, order, left out, added. Always recorded, never a fault by itself.',
  },
  {
    term: 'Downward delivery',
    means: 'Also upward displacement of air: for gases denser than air.',
  },
  {
    term: 'Driving force',
    means:
      'A school of reaction types by what makes them go: precipitation, acid–base, gas, redox, complexation.',
  },
  { term: 'End point', means: 'The drop with which a colour stays.' },
  {
    term: 'Evidence of chemical change',
    means:
      'A new colour, solid, gas or heat that a change of state cannot explain. No single sign is proof.',
  },
  {
    term: 'Expected',
    means:
      'What the engine predicts an observer will see, from the amounts as they were really made.',
  },
  {
    term: 'Five types',
    means:
      'A school of reaction types by the shape of the equation: combination, decomposition, single and double displacement, combustion.',
  },
  {
    term: 'Hydrate',
    means: 'A solid with water in its crystals, counted after a raised dot: CuSO4·5H2O.',
  },
  {
    term: 'Ion pair',
    means: 'Two ions that go about loosely together; nobody at the bench would call it a reaction.',
  },
  {
    term: 'Key',
    means:
      'What is in the jar, what is expected, and the answers: for the instructor. Class versions never hold it.',
  },
  {
    term: 'Lab day',
    means: 'One class session, carried through Plan, Prepare, Bench, Judge and Report.',
  },
  {
    term: 'Limiting reagent',
    means: 'The one that is used up first and so decides how much comes of it.',
  },
  { term: 'Net ionic equation', means: 'Only what changes: the ions that watch are left out.' },
  {
    term: 'Not predicted',
    means: 'The chemistry is outside the model; the reason stands beside it. It is never a guess.',
  },
  {
    term: 'Order guard',
    means:
      'Holds back a step whose forerunner is not done, such as lighting the splint before adding the carbonate.',
  },
  {
    term: 'Overpotential',
    means: 'What a gas needs beyond its equilibrium potential at a surface.',
  },
  {
    term: 'Precipitate',
    means:
      'A solid that comes out of solution: curdy, gelatinous, fine, crystalline or flocculent.',
  },
  { term: 'Purge', means: 'Let the first gas push the air out before any is collected.' },
  {
    term: 'Quotient',
    means:
      'The expression of the equilibrium constant with the concentrations as they are now. Below K it runs forward, above K backward.',
  },
  {
    term: 'Seen',
    means:
      'What a bench recorded, in a fixed vocabulary. Nothing is ever deleted: a correction supersedes.',
  },
  { term: 'Spare', means: 'How much more is made up than is needed, per cent.' },
  { term: 'Spectator ion', means: 'Stands unchanged on both sides of an equation.' },
  {
    term: 'Splint',
    means:
      'Lit: pops with hydrogen, goes out in carbon dioxide. Glowing: bursts into flame in oxygen.',
  },
  {
    term: 'Station',
    means: 'One vessel after one step: the place where expected and seen stand side by side.',
  },
  {
    term: 'Suck-back',
    means:
      'Cold water drawn into a hot tube as the gas in it shrinks: lift the delivery tube out before the flame goes.',
  },
  { term: 'Tare', means: 'The balance set to zero with the empty vessel on it.' },
  {
    term: 'Uncertainty',
    means: 'What a result may be off by; standard uncertainty unless said otherwise (GUM).',
  },
  {
    term: 'Unknown',
    means: 'A jar with a code. Its key stays sealed; a bench sees the code alone.',
  },
  {
    term: 'Unsaturated',
    means: 'With a double or triple bond; bromine water loses its colour with it.',
  },
  {
    term: 'Upward delivery',
    means: 'Also downward displacement of air: for gases lighter than air.',
  },
  {
    term: 'Verdict',
    means:
      'What stands in the end: the computed agreement, or the instructor’s word with its reason.',
  },
  {
    term: 'Water of crystallisation',
    means: 'The x in salt·xH2O, found by heating to constant mass.',
  },
];
