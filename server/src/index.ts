export { createApp } from './app';
export { connect } from './database/connect';
export type { Database } from './database/connect';
export { migrate } from './database/migrate';
export { loadDemo } from './demo/loadDemo';
export { addressesSchema, openInstruments } from './instruments/instruments';
export { startSimulatedBench } from './simulated/bench';
