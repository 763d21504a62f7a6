import * as z from 'zod';

/** Quantities a bench measures, with the unit each is written in. */
export const quantityUnits = {
  mass: 'g',
  temperature: '°C',
  volume: 'mL',
  drops: 'drops',
  time: 'min',
  length: 'cm',
  current: 'A',
  voltage: 'V',
  pH: '',
} as const;
export type QuantityName = keyof typeof quantityUnits;
export const quantityNames = Object.keys(quantityUnits) as [QuantityName, ...QuantityName[]];

const name = z.string().trim().min(1, 'A measurement needs a name').max(80);

/** Something a step measures. The name stands once in a procedure for one thing, however often it is read. */
export const measureSchema = z.object({
  name,
  quantity: z.enum(quantityNames),
  /** Read again and again, against the clock. */
  series: z.literal(true).optional(),
});
export type Measure = z.infer<typeof measureSchema>;

/** What is worked out from the measurements, naming them. */
export const analysisSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('hydrate'),
    anhydrous: z.string().min(1).max(100),
    literatureX: z.number().positive().max(30).optional(),
    dish: name,
    filled: name,
    heated: name,
  }),
  z.object({
    kind: z.literal('temperature'),
    log: name,
    /** What shares the heat, g, taken to be like water. */
    massG: z.number().positive().max(5000).optional(),
    vesselJPerK: z.number().min(0).max(2000).optional(),
    /** What ΔH is per. */
    of: z
      .object({ substance: z.string().min(1).max(100), amountMol: z.number().positive().max(100) })
      .optional(),
    /** Film of water under the vessel, g. */
    filmG: z.number().positive().max(100).optional(),
  }),
  z.object({
    kind: z.literal('drops'),
    /** The first is what the others are set against. */
    counts: z
      .array(
        z.object({
          measure: name,
          of: name,
          /** What was titrated, and protons to each of its formula units: for its concentration. */
          sampleMl: z.number().positive().max(1000).optional(),
          protons: z.number().int().min(1).max(6).optional(),
        }),
      )
      .min(2)
      .max(8),
    /** Of the reagent that is counted, mol/L. */
    reagentM: z.number().positive().max(30).optional(),
  }),
  z.object({ kind: z.literal('density'), mass: name, volume: name }),
  z.object({
    kind: z.literal('recovery'),
    got: name,
    /** What there was of it, g. */
    thereG: z.number().positive().max(5000),
  }),
  z.object({ kind: z.literal('line'), x: name, y: name }),
]);
/** What is worked out from measurements. */
export type Analysis = z.infer<typeof analysisSchema>;

/** What each analysis is called. */
export const analysisNames: Readonly<Record<Analysis['kind'], string>> = {
  hydrate: 'Water of crystallisation',
  temperature: 'Temperature log',
  drops: 'Drops',
  density: 'Density',
  recovery: 'What was recovered',
  line: 'Straight line',
};

/** The measurements an analysis uses. */
export function measuresOf(analysis: Analysis): readonly string[] {
  switch (analysis.kind) {
    case 'hydrate':
      return [analysis.dish, analysis.filled, analysis.heated];
    case 'temperature':
      return [analysis.log];
    case 'drops':
      return analysis.counts.map(({ measure }) => measure);
    case 'density':
      return [analysis.mass, analysis.volume];
    case 'recovery':
      return [analysis.got];
    case 'line':
      return [analysis.x, analysis.y];
  }
}
