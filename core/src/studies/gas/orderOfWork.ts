import type { CollectionMethod } from './collection';

/** What comes before what when a gas is made, and what happens otherwise. */
export function orderOfWork(hot: boolean, method: CollectionMethod): string[] {
  return [
    method === 'syringe'
      ? 'Spare syringe greased and within reach, plunger just off the bottom, clamps loose.'
      : 'Lids and spare vessels at hand; splint and damp papers ready.',
    'Apparatus together and tight before any reagent is in.',
    'Solid first, then the liquid a little at a time, or the flame.',
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
