import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { dryingAgents } from '../../../matter/substances/data/dryingAgents';
import { scrubbers } from '../../../matter/substances/data/scrubbers';
import { bottles } from '../../../matter/substances/data/bottles';
import { coats } from '../../../matter/substances/data/coats';
import { ionsInWater } from '../../../matter/substances/data/ionsInWater';
import { keeping } from '../../../matter/substances/data/keeping';
import { ageing } from '../../../matter/substances/data/ageing';
import { dangers, unmodelled } from '../../../matter/substances/data/dangers';
import type { Unmodelled } from '../../../matter/substances/types';
import { classification } from '../../../safety/data/classification';
import { hazardsSource } from '../../../safety/hazards';
import { mFactors, specificLimits, toxicityEstimates } from '../../../safety/data/limits';
import { indicatorMixes } from '../../../planning/prep/indicatorRecipe';
import { dissolvingAids } from '../../../solution/preparation/dissolvingAids';
import { dischargeLimits } from '../../../planning/waste/limits';
import { formula, own, together } from '../standing';

/** Keeping, dangers, hazards and waste, as tables of constants. */
export const tradeTables = (): readonly ConstantTable[] => [
  tableOf(
    'What dries a gas',
    dryingAgents,
    ({ name }) => name,
    [
      [
        'must not meet',
        '',
        ({ reactsWith }) => Object.entries(reactsWith).map(([gas, why]) => `${gas}: ${why}`),
      ],
    ],
    own,
  ),
  tableOf(
    'What washes a gas',
    scrubbers,
    ({ name }) => name,
    [['takes out', '', ({ takes }) => takes]],
    own,
  ),
  tableOf(
    'Solutions by the name on the bottle',
    bottles,
    ({ names: [name = ''] }) => name,
    [
      [
        'holds',
        'mol/L',
        ({ holdsM }) => Object.entries(holdsM).map(([one, strength]) => `${one} ${strength}`),
      ],
    ],
    own,
  ),
  tableOf('Coats that seal', coats, ({ solid }) => solid, [['coat', '', ({ coat }) => coat]], own),
  tableOf(
    'Ions that water turns into others',
    ionsInWater,
    formula,
    [['becomes', '', ({ becomes }) => Object.keys(becomes)]],
    own,
  ),
  tableOf(
    'How solutions keep',
    keeping,
    ({ of }) => of,
    [['keeps', '', ({ words }) => words]],
    own,
  ),
  tableOf(
    'How old bottles age',
    ageing,
    ({ of }) => of,
    [
      ['share that is still itself', '', ({ left }) => left],
      ['how', '', ({ words }) => words],
    ],
    own,
  ),
  tableOf(
    'Dangers',
    dangers,
    ({ aboveM }) => Object.keys(aboveM).join(', '),
    [['warning', '', ({ message }) => message]],
    own,
  ),
  tableOf(
    'Reactions outside the model',
    unmodelled as readonly Unmodelled[],
    ({ one, other }) => together(one, other),
    [['not predicted, because', '', ({ because }) => because]],
    own,
  ),
  tableOf(
    'Hazard statements (GHS)',
    Object.entries(classification),
    ([of]) => of,
    [['as supplied', '', ([, codes]) => (codes.length > 0 ? codes : 'not classified')]],
    () => hazardsSource,
  ),
  tableOf(
    'Specific concentration limits (CLP)',
    Object.entries(specificLimits).flatMap(([of, all]) => all.map((one) => ({ of, ...one }))),
    ({ of }) => of,
    [
      [
        'from',
        '% by mass',
        ({ from }) => Object.entries(from).map(([code, percent]) => `${code} ${percent} %`),
      ],
    ],
    own,
  ),
  tableOf(
    'M-factors (aquatic)',
    Object.entries(mFactors).map(([of, one]) => ({ of, ...one })),
    ({ of }) => of,
    [
      ['acute', 'times', ({ acute }) => acute],
      ['chronic', 'times', ({ chronic }) => chronic],
    ],
    own,
  ),
  tableOf(
    'Acute toxicity estimates',
    Object.entries(toxicityEstimates).map(([of, one]) => ({ of, ...one })),
    ({ of }) => of,
    [
      ['by mouth', 'mg/kg', ({ oral }) => oral],
      ['by skin', 'mg/kg', ({ dermal }) => dermal],
      ['vapour', 'mg/L', ({ vapour }) => vapour],
      ['mist', 'mg/L', ({ mist }) => mist],
    ],
    own,
  ),
  tableOf(
    'Strength of indicator solutions',
    indicatorMixes,
    ({ name }) => name,
    [
      ['strength', '% w/v', ({ percentWV }) => percentWV],
      ['ethanol in the bottle', '% by volume', ({ ethanolPercent }) => ethanolPercent],
    ],
    own,
  ),
  tableOf(
    'What is put in so that something dissolves',
    dissolvingAids,
    ({ of }) => of,
    [['how', '', ({ words }) => words]],
    own,
  ),
  tableOf(
    'Limits of what is dissolved in waste',
    dischargeLimits,
    ({ name }) => name,
    [['limit', 'mg/L', ({ mgPerL }) => mgPerL]],
    own,
  ),
];
