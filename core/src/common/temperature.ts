import { atMostPlaces, withPlaces } from './formatNumber';
import { currentReader } from './reader';
import type { TemperatureScale } from './reader';

/** A temperature, °C, on the scale one reads. */
export function fromCelsius(temperatureC: number, scale: TemperatureScale): number {
  return scale === '°C' ? temperatureC : 32 + 1.8 * temperatureC;
}

/** A temperature as read, in °C. */
export function toCelsius(temperature: number, scale: TemperatureScale): number {
  return scale === '°C' ? temperature : (temperature - 32) / 1.8;
}

/** A temperature, °C, told on the reader's scale with so many places: 68 °F. */
export function formatTemperature(temperatureC: number, places = 0): string {
  const { scale } = currentReader();
  return `${withPlaces(fromCelsius(temperatureC, scale), places)} ${scale}`;
}

/** A temperature as it was set, without noughts it was not given: 22.5 °C. */
export function formatSetTemperature(temperatureC: number): string {
  const { scale } = currentReader();
  return `${atMostPlaces(fromCelsius(temperatureC, scale), 1)} ${scale}`;
}

/** A difference of temperatures, °C, told in the degrees of the reader's scale. */
export function formatDegrees(differenceC: number, places = 1): string {
  const { scale } = currentReader();
  return `${withPlaces(scale === '°C' ? differenceC : 1.8 * differenceC, places)} ${scale}`;
}
