/** What other features may use of the gas study. */
export { GasFrame } from './GasFrame';
