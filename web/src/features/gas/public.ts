/** What other features may use of the gas study. */
export { GasTabs } from './GasTabs';
