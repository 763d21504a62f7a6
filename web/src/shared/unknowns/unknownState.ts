import { useCallback } from 'react';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { useInAddress } from '../study/useInAddress';

const typed = z.union([z.number(), z.literal('')]);

export const resultSchema = z.object({
  test: z.string(),
  outcome: z.string(),
  blank: z.enum(['clean', 'same', 'none']),
  note: z.string().max(200).default(''),
});
export type KeptResult = z.infer<typeof resultSchema>;

const unknownSchema = z.object({
  kind: z.enum(['organic', 'inorganic']),
  /** Its code or name, as it stands on the jar. */
  label: z.string(),
  /** Structures of one’s own. */
  own: z.array(z.object({ name: z.string(), smiles: z.string() })),
  /** Organic compounds it may be; all that are listed where it is empty. */
  listed: z.array(z.string()),
  /** Salts and mixtures it may be. */
  salts: z.array(z.string()),
  classesOut: z.array(z.string()),
  /** As the installation has it, unless another was chosen here. */
  school: z.enum(['asSet', 'solubilityFirst', 'mostInformative']),
  rankBy: z.enum(['bits', 'perMinute', 'perHazard', 'twoAhead']),
  sampleMg: typed,
  minutes: typed,
  mostHazard: z.number(),
  /** Reagents that are not at hand. */
  missing: z.array(z.string()),
  results: z.object({ organic: z.array(resultSchema), inorganic: z.array(resultSchema) }),
});
export type UnknownState = z.infer<typeof unknownSchema>;

/** The study as it begins: organic, with the salts that are usually issued. */
export const firstUnknown: UnknownState = {
  kind: 'organic',
  label: '',
  own: [],
  listed: [],
  salts: [
    'NaCl',
    'KI',
    'NH4Cl',
    'Na2CO3',
    'MgSO4',
    'CaCl2',
    'NaHCO3',
    'CuSO4',
    'FeSO4',
    'FeCl3',
    'ZnSO4',
    'Al2(SO4)3',
  ],
  classesOut: [],
  school: 'asSet',
  rankBy: 'bits',
  sampleMg: '',
  minutes: '',
  mostHazard: 4,
  missing: [],
  results: { organic: [], inorganic: [] },
};

/** The unknown of the study as this browser keeps it. */
export function useUnknownState() {
  const [state, setState] = useKept('stoichos.unknown', unknownSchema, firstUnknown);
  const change = useCallback(
    (part: Partial<UnknownState>) => setState((before) => ({ ...before, ...part })),
    [setState],
  );
  return { state, change };
}

/** The same in the study itself, where what it is set to stands in the address too. */
export function useUnknownStudy() {
  const { state, change } = useUnknownState();
  useInAddress({
    name: 'unknown',
    schema: unknownSchema,
    initial: firstUnknown,
    value: state,
    onRead: change,
    without: ['label', 'results'],
  });
  return { state, change };
}
