import { withPlaces } from '../../common/formatNumber';
import type { Electrode } from '../../matter/substances/types';
import { halfOf } from '../../vessel/electrolysis/electrodeHalves';
import type { AtElectrode } from '../../vessel/electrolysis/atElectrode';
import type { ElectrodeSide } from '../../vessel/electrolysis/electrodeSetting';
import { productOf } from '../../vessel/electrolysis/halfText';
import type { RuleSays } from '../../vessel/electrolysis/ruleOfThumb';

/** Why the rule of thumb and the potentials part at an electrode, and which one the bench shows; undefined where they agree. */
export function schoolsDiffer(
  side: ElectrodeSide,
  rule: RuleSays,
  at: AtElectrode,
  electrode: Electrode,
): string | undefined {
  const where = side === 'cathode' ? 'minus' : 'plus';
  if (at.notPredicted.length > 0)
    return `The rule of thumb says ${nameOf(rule.half, side)} at ${where}; by potentials it is not predicted.`;
  const [main] = at.shares;
  if (!main || main.half.couple.half === rule.half) return undefined;
  const found = nameOf(main.half.couple.half, side);
  const said = nameOf(rule.half, side);
  if (found === said) return undefined;
  const because =
    at.passive !== undefined
      ? `the ${electrode.material} is covered by ${at.passive.cover}`
      : said === 'H2'
        ? `hydrogen is late at this surface and needs ${volts(at, rule.half)}, while ${found} needs ${volts(at, main.half.couple.half)}`
        : limited(at, rule.half)
          ? `there is too little of it for this current`
          : `${found} needs ${volts(at, main.half.couple.half)} and ${said} ${volts(at, rule.half)}`;
  return `The rule of thumb says ${said} at ${where} (${rule.because}); the potentials say ${found}, because ${because}. The bench shows ${found}${main.share < 0.95 ? `, with some ${at.shares[1] ? nameOf(at.shares[1].half.couple.half, side) : said}` : ''}.`;
}

function nameOf(half: string, side: ElectrodeSide): string {
  return productOf(halfOf(half), side).formula.replace('I3^-', 'I2');
}

function limited({ considered }: AtElectrode, half: string): boolean {
  const one = considered.find(({ half: { couple } }) => couple.half === half);
  return one !== undefined && one.wholeCurrentV === undefined;
}

function volts({ considered }: AtElectrode, half: string): string {
  const one = considered.find(({ half: { couple } }) => couple.half === half);
  if (!one) return 'more than there is';
  return one.wholeCurrentV === undefined
    ? 'more of it than diffusion brings'
    : `${withPlaces(one.wholeCurrentV, 2)} V`;
}
