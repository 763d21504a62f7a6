/** When heating may stop: after set times, or once the mass no longer falls. */
export const heatingSchools = ['constantMass', 'fixedTimes'] as const;
