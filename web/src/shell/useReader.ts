import { setReader } from '@stoichos/core/common';
import { useSettings } from '../data/settings/useSettings';

/**
 * From the first view on, words are told for this school’s reader: decimals with its sign, temperatures on its scale.
 *
 * @returns a key of the reader; what hangs on it is made anew when the school chooses otherwise, for words are told in hundreds of places.
 */
export function useReader(): string {
  const { decimalSeparator, temperature } = useSettings();
  setReader({ decimalSign: decimalSeparator, scale: temperature });
  return `${decimalSeparator} ${temperature}`;
}
