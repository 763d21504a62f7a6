/** How a vessel looks: colour from spectra, clarity, solids. */
export {
  colourDepths,
  colourPhrase,
  colourPhrases,
  colourWords,
  phraseHex,
  plainWords,
  readPhrase,
} from './colourWords';
export type { VesselView } from './vesselView';
