/** What every wing stands on: errors that say what to do, CSV, dice that can be thrown again. */
export { ChemistryError, inField } from './errors';
export type { ChemistryErrorCode } from './errors';
export { attempt } from './attempt';
export type { Attempt } from './attempt';
export { aboveZero, typedNumber } from './typed';
export type { TypedNumber } from './typed';
export { csvOf } from './csv';
export { mostTelling } from './mostTelling';
export { parseInput } from './parseInput';
export {
  atMostFigures,
  atMostPlaces,
  formatNumber,
  formatQuantity,
  mostFigures,
  withFigures,
  withPlaces,
  withSign,
} from './formatNumber';
export { formatAmount, formatDuration, formatVolts } from './formatAmount';
export {
  formatDegrees,
  formatSetTemperature,
  formatTemperature,
  fromCelsius,
  toCelsius,
} from './temperature';
export { validText } from './validText';
export { isSame, threeWay } from './threeWay';
export type { Difference, Side } from './threeWay';
export { proseTold } from './prose';
export {
  anyReader,
  currentReader,
  forAnyReader,
  setReader,
  temperatureScales,
  toldFor,
} from './reader';
export type { DecimalSign, Reader, TemperatureScale } from './reader';
