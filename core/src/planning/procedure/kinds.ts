/** The kinds of practical work a procedure belongs to, in the words of the trade. */
export const kindNames = {
  precipitation: 'Precipitation',
  activeMetals: 'Active metals on water',
  heatAndCold: 'Heat and cold',
  hydrate: 'Hydrates',
  changeCircuit: 'Physical or chemical change',
  electrodeposition: 'Depositing a metal',
  electrolysisOfSalts: 'Electrolysis of salts',
  firstCircuit: 'First laboratory circuit',
  gasThroughReagents: 'A gas and coloured reagents',
  waterElectrolysis: 'Electrolysis of water',
  electrodesCompared: 'Active and inert electrodes',
  reactionTypes: 'Reaction types',
  stagedColours: 'Staged colours by redox',
  reactionCycle: 'A cycle of reactions',
  gasInSyringes: 'Gas by heating, in syringes',
  pouredRow: 'One solution poured on',
  cracking: 'Cracking and unsaturation',
  organicUnknown: 'Organic unknown',
  equilibriumShift: 'Shifting an equilibrium',
  dropElectrolysis: 'Electrolysis of a drop',
  gasChoice: 'Choosing reagents for a gas',
  inorganicUnknown: 'Inorganic unknown',
} as const;

export type ProcedureKind = keyof typeof kindNames;
