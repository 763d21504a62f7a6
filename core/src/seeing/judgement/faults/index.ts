import { commonPractice } from '../../../matter/substances/source';
import { dirtyGlass, oldReagent, tapWaterUsed, unwashedVessel } from './impurity';
import { leftOut } from './leftOut';
import { labelsSwapped, orderReversed, wrongBottle } from './mixedUp';
import { farTooLittle, farTooMuch, otherForm, tenTimesStronger, tenTimesWeaker } from './strength';
import { notEnoughHeat, notLongEnough, tooMuchHeat } from './timeAndHeat';
import type { Fault } from './fault';

/** The faults of the bench that the engine can be run with. */
export const faults: readonly Fault[] = [
  leftOut,
  tapWaterUsed,
  farTooLittle,
  notEnoughHeat,
  tenTimesWeaker,
  farTooMuch,
  dirtyGlass,
  tenTimesStronger,
  otherForm,
  oldReagent,
  tooMuchHeat,
  notLongEnough,
  orderReversed,
  wrongBottle,
  labelsSwapped,
  unwashedVessel,
];

export const faultsSource = commonPractice(
  'which slips are made at a bench, how common each is against the others, and what a middling hard tap water holds',
);
