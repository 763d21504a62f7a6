/** In which order tests for an unknown are chosen. */
export const unknownSchools = ['solubilityFirst', 'mostInformative'] as const;
export type UnknownSchool = (typeof unknownSchools)[number];
