import { plainFormula } from '../../matter/formula/plainFormula';
import { chargeOrder, reagentText } from './attempt';
import type { RouteReagent } from './attempt';
import type { CollectionMethod } from './collection';

/** What goes in first, and what comes to it. */
function chargingWords(reagents: readonly RouteReagent[], hot: boolean): string {
  const { first, later } = chargeOrder(reagents.map((reagent) => ({ reagent })));
  const words = (some: typeof first): string =>
    some.map(({ reagent }) => plainFormula(reagentText(reagent))).join(' and ');
  const flame = hot ? ' Then the flame, gentle and moving.' : '';
  if (reagents.length === 0)
    return 'What lies in the generator first, then what comes to it, or the flame.';
  if (later.length === 0) return `${words(first)} into the dry tube.${flame}`;
  return `First ${words(first)}, then ${words(later)} a little at a time.${flame}`;
}

/** What comes before what when a gas is made of some reagents, and what happens otherwise. */
export function orderOfWork(
  hot: boolean,
  method: CollectionMethod,
  reagents: readonly RouteReagent[] = [],
): string[] {
  return [
    method === 'syringe'
      ? 'Spare syringe greased and within reach, plunger just off the bottom, clamps loose.'
      : 'Lids and spare vessels at hand; splint and damp papers ready.',
    'Apparatus together and tight before any reagent is in.',
    chargingWords(reagents, hot),
    'First gas let go: it is air.',
    ...(hot && method === 'overWater'
      ? [
          'Delivery tube out of the water while it is still hot: otherwise water sucks back onto hot glass, which cracks.',
          'Only then the flame away.',
        ]
      : hot && method === 'syringe'
        ? [
            'Flame away before the last is full: gas runs on.',
            'Tap open to the air as it cools, or the plunger is sucked in.',
          ]
        : hot
          ? ['Jar away and closed, then the flame away.']
          : ['Vessel away and closed, then the generator stopped with water.']),
    'A thumb on a tube is lifted slowly: it is under pressure, and points away from people.',
  ];
}
