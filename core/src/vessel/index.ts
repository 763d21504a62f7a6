/** One vessel, what is in it and what is done to it: the engine everything else stands on. */
export { containerInWords, containerKinds, containers } from './containers';
export type { ContainerKind } from './containers';
export { dropNames } from './pour';
export { anyPortionSchema } from './portion';
export type { Portion, AnyPortion } from './portion';
export { act, setUp } from './act';
export type { EventResult } from './eventResult';
export { actionSchema, vesselSchema } from './action';
export type { Action, VesselSetup } from './action';
export { react } from './react';
export type { ReactRequest, ReactionsFound } from './react';
export type { Reaction, Reason } from './reaction';
export type { Vessel } from './vessel';
export type { Warning } from './warnings';
export { electrodeMaterials, findElectrode } from './electrolysis/findElectrode';
export { conductivityMSPerCm, conductivitySource } from './electrolysis/conductivity';
export { assumedAreaCm2 } from './electrolysis/passCurrent';
export type { Electrolysed, Mixing } from './electrolysis/passCurrent';
