import { atMostFigures, formatNumber } from '../../common/formatNumber';
import { leastMassG, measureMl, roundToBalance } from '../../planning/prep/measuring';
import type { MeasuringKit } from '../../planning/prep/measuring';
import { indicatorRecipe, indicatorSteps } from '../../planning/prep/indicatorRecipe';
import { molarVolumeMl } from '../../studies/electrolysis/gasVolume';
import type { NeededAsItIs } from '../day/solutionsNeeded';

/** The room things are set out in. */
export interface SettingOut extends MeasuringKit {
  readonly dropsPerMl: number;
  readonly roomC: number;
  readonly airKPa: number;
  readonly groups: number;
}

/** How something that is not a solution of the sheet is set out. */
export interface SetOut {
  /** Amount in a unit somebody can measure; the name of the substance follows it. */
  readonly amount: string;
  /** How it is made up or shared out, sentence by sentence. */
  readonly how: readonly string[];
}

/** Amount and preparation of something that is set out as it is, as the balance and the glassware of the room allow. */
export function setOut(need: NeededAsItIs, room: SettingOut): SetOut {
  switch (need.kind) {
    case 'solid':
      return solidOf(need.amountG, room);
    case 'liquid':
      return { amount: `${volumeWords(need.amountMl, room)} as supplied,`, how: [] };
    case 'water':
      return { amount: `${volumeWords(need.amountMl, room)} distilled water`, how: [] };
    case 'indicator':
      return indicatorOf(need.substance, Math.ceil(need.drops), room);
    case 'gas': {
      const conditions = { temperatureC: room.roomC, pressureKPa: room.airKPa, overWater: false };
      const volumeMl = need.amountMmol * molarVolumeMl(conditions);
      return {
        amount:
          volumeMl < 1000
            ? `${formatNumber(Math.ceil(volumeMl / 10) * 10)} mL gas,`
            : `${atMostFigures(volumeMl / 1000, 2)} L gas,`,
        how: ['Made in the step that needs it, or from a cylinder.'],
      };
    }
  }
}

const volumeWords = (volumeMl: number, room: SettingOut): string =>
  `${formatNumber(measureMl(volumeMl, room).roundedMl)} mL`;

function solidOf(amountG: number, { balanceG, groups }: SettingOut): SetOut {
  // Rounded up: what is set out must do for everyone.
  const wholeG = roundToBalance(amountG + 0.499 * balanceG, balanceG);
  const eachG = amountG / Math.max(1, groups);
  return {
    amount: `${formatNumber(wholeG)} g`,
    how:
      groups > 1 && eachG < leastMassG(balanceG)
        ? [
            `Weigh it whole and share it into ${groups} equal parts, about ${atMostFigures(eachG, 1)} g each: one part alone is too little for the balance.`,
          ]
        : [],
  };
}

function indicatorOf(name: string, drops: number, room: SettingOut): SetOut {
  const volumeMl = drops / room.dropsPerMl;
  const recipe = indicatorRecipe(name, volumeMl, room);
  return {
    amount:
      volumeMl < 1
        ? `${drops} ${drops === 1 ? 'drop' : 'drops'}`
        : `${atMostFigures(volumeMl, 2)} mL (${drops} drops)`,
    how: recipe ? indicatorSteps(recipe) : [],
  };
}
