import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';
import { formatSetTemperature } from '../../../../common/temperature';

/** Room temperature and how far from it a melting point leaves no doubt, °C. */
const roomC = 21;
const sureC = 12;

/** Liquid or solid at room temperature, and whether it has a colour of its own. */
export const appearance: OutcomeRule = ({ meltsC, boilsC, colour }) => {
  if (boilsC !== undefined && boilsC < 10) return shows('gas', 'it boils below room temperature');
  if (meltsC === undefined && boilsC === undefined) return undefined;
  const solid = (meltsC ?? -100) > roomC;
  const outcome = solid
    ? colour
      ? 'coloured solid'
      : 'white solid'
    : colour
      ? 'coloured liquid'
      : 'colourless liquid';
  const words =
    meltsC === undefined ? 'it is kept as a liquid' : `it melts at ${formatSetTemperature(meltsC)}`;
  return meltsC !== undefined && Math.abs(meltsC - roomC) < sureC
    ? rather(outcome, 0.7, `${words}, near room temperature`)
    : shows(outcome, colour ? `${words}, ${colour}` : words);
};
