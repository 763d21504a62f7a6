/** Scales a thermometer may show. */
export const temperatureScales = ['°C', '°F'] as const;
export type TemperatureScale = (typeof temperatureScales)[number];

/** A temperature, °C, on the scale one reads. */
export function fromCelsius(temperatureC: number, scale: TemperatureScale): number {
  return scale === '°C' ? temperatureC : 32 + 1.8 * temperatureC;
}

/** A temperature as read, in °C. */
export function toCelsius(temperature: number, scale: TemperatureScale): number {
  return scale === '°C' ? temperature : (temperature - 32) / 1.8;
}
