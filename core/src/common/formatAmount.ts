import { atMostFigures, atMostPlaces, formatNumber, withPlaces } from './formatNumber';

/** A number to three figures with its unit; small masses (g) and volumes (mL) in smaller units, large volumes in litres. */
export function formatAmount(value: number, unit: string): string {
  if (unit === 'g' && Math.abs(value) < 1e-4 && value !== 0)
    return `${atMostFigures(value * 1e6, 3)} µg`;
  if (unit === 'mL' && Math.abs(value) < 0.01 && value !== 0)
    return `${atMostFigures(value * 1000, 3)} µL`;
  if (unit === 'g' && Math.abs(value) < 0.1 && value !== 0)
    return `${atMostFigures(value * 1000, 3)} mg`;
  if (unit === 'mL' && Math.abs(value) >= 1000) return `${atMostFigures(value / 1000, 3)} L`;
  return `${atMostFigures(value, 3)} ${unit}`;
}

/** Seconds as a person says them: 45 s, 12 min, 2 h 5 min. */
export function formatDuration(seconds: number): string {
  if (seconds < 100) return `${Math.round(seconds)} s`;
  const minutes = seconds / 60;
  if (minutes < 120) return `${minutes < 10 ? atMostPlaces(minutes, 1) : Math.round(minutes)} min`;
  const rest = Math.round(minutes % 60);
  return `${Math.floor(minutes / 60)} h${rest > 0 ? ` ${formatNumber(rest)} min` : ''}`;
}

/** Volts with a true minus sign. */
export function formatVolts(volts: number, places = 2): string {
  return `${withPlaces(volts, places)} V`;
}
