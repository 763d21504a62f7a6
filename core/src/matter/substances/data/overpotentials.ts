import { handbook } from '../source';
import type { Overpotential, Surface } from '../types';

const langes = handbook('Lange’s Handbook of Chemistry', 'overpotentials for common electrode reactions at 25 °C, by current density');
const like = handbook('Bockris and Reddy, Modern Electrochemistry', 'order of magnitude on this oxide-covered surface');
type Four = readonly [at1: number, at10: number, at100: number, at1000: number];
const four = (gas: Overpotential['gas'], surface: Surface, [a, b, c, d]: Four, source = langes): Overpotential => ({
  gas,
  surface,
  points: [
    [1, a],
    [10, b],
    [100, c],
    [1000, d],
  ],
  source,
});

/** Overpotentials of gases by surface: at 1, 10, 100 and 1000 mA/cm², or where they were measured. */
export const overpotentials: readonly Overpotential[] = [
  four('H2', 'platinum', [0.024, 0.068, 0.288, 0.676]),
  four('H2', 'graphite', [0.6, 0.779, 0.977, 1.22]),
  four('H2', 'copper', [0.479, 0.584, 0.801, 1.254]),
  four('H2', 'silver', [0.475, 0.762, 0.875, 1.089]),
  four('H2', 'zinc', [0.716, 0.746, 1.064, 1.229]),
  four('H2', 'nickel', [0.563, 0.747, 1.048, 1.241]),
  four('H2', 'lead', [0.52, 1.09, 1.179, 1.262]),
  four('H2', 'tin', [0.856, 1.077, 1.223, 1.231]),
  four('H2', 'aluminium', [0.565, 0.826, 1.066, 1.291]),
  four('H2', 'iron', [0.403, 0.557, 0.818, 1.291]),
  four('H2', 'steel', [0.403, 0.557, 0.818, 1.291]),
  four('H2', 'stainless steel', [0.403, 0.557, 0.818, 1.291], like),
  four('H2', 'cadmium', [0.981, 1.134, 1.216, 1.254]),
  four('H2', 'bismuth', [0.78, 1.05, 1.14, 1.23]),
  four('H2', 'mercury', [0.9, 1.04, 1.07, 1.11]),
  four('O2', 'platinum', [0.721, 0.85, 1.28, 1.49]),
  four('O2', 'graphite', [0.525, 0.896, 1.091, 1.244]),
  four('O2', 'copper', [0.422, 0.58, 0.66, 0.793]),
  four('O2', 'silver', [0.58, 0.729, 0.984, 1.131]),
  four('O2', 'nickel', [0.353, 0.519, 0.726, 0.853]),
  four('O2', 'iron', [0.35, 0.5, 0.65, 0.8], like),
  four('O2', 'steel', [0.35, 0.5, 0.65, 0.8], like),
  four('O2', 'stainless steel', [0.4, 0.55, 0.7, 0.85], like),
  four('O2', 'lead dioxide', [0.55, 0.7, 0.85, 1], like),
  four('O2', 'tin', [0.6, 0.75, 0.95, 1.1], like),
  four('Cl2', 'platinum', [0.006, 0.03, 0.054, 0.236]),
  {
    gas: 'Cl2',
    surface: 'graphite',
    points: [
      [40, 0.186],
      [70, 0.193],
      [100, 0.251],
      [200, 0.298],
      [500, 0.417],
      [1000, 0.489],
    ],
    source: langes,
  },
  four('Br2', 'platinum', [0.002, 0.002, 0.006, 0.26]),
  four('Br2', 'graphite', [0.002, 0.027, 0.162, 0.329]),
];
