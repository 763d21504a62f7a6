import { hexDistance } from '../appearance/colourWords';
import { solidLook } from '../appearance/solidLook';
import { viewVessel } from '../appearance/vesselView';
import { molarMassOf } from '../../matter/formula/molarMass';
import { molarVolumeMlPerMmol } from '../../matter/substances/gas';
import { visibleMgPerL } from '../../vessel/rules/rule';
import type { EventResult } from '../../vessel/eventResult';
import type { Vessel } from '../../vessel/vessel';
import { whereItFalls } from '../../vessel/whereItFalls';
import type { Observation } from '../observation/observation';
import type { Seen } from './seen';

/** Gas where it falls, as a share of the liquid there, from which bubbles are seen although the whole could hold it (common practice). */
const fizzesFrom = 0.15;
/** How far a colour has to stand from that before and after to be seen as a flash, in OKLab (common practice). */
const flashes = 0.2;

/**
 * What is seen where a liquid falls into another and is gone once they are mixed: bubbles of a gas that the whole liquid holds,
 * a solid that dissolves again, a colour that flashes up.
 */
export function seenWhereItFalls({ step, view }: Seen, before: Seen): Observation[] {
  const { poured, vessel } = step;
  if (!poured || step.notPredicted.length > 0) return [];
  const zone = whereItFalls(before.step.vessel, poured, 1);
  if (zone.notPredicted.length > 0) return [];
  const zoneMl = zone.vessel.volumeMl;
  // Of the poured liquid, and of what it meets, as much as the lesser of the two.
  const times = (2 * Math.min(before.step.vessel.volumeMl, poured.volumeMl)) / zoneMl;
  const gases = Object.entries(zone.gasEvolved).flatMap(([formula, mmol]): Observation[] =>
    formula !== 'H2O' &&
    !(step.gasEvolved[formula] ?? 0) &&
    molarVolumeMlPerMmol * mmol > fizzesFrom * zoneMl
      ? [{ kind: 'gas', formula, vigour: 'a few bubbles', amountMmol: mmol * times }]
      : [],
  );
  const rings = ringsUnder(before.step, poured, zone);
  const solids = holdsSolid(vessel) ? [] : passingSolids(before.step.vessel, poured, zone);
  if (solids.length > 0) return [...gases, ...rings, ...solids];
  const there = viewVessel({ ...zone, vessel: { ...zone.vessel, container: vessel.container } });
  const others = [view.liquidHex, before.view.liquidHex, viewVessel({ vessel: poured }).liquidHex];
  const isFlash =
    there.clarity === 'clear' &&
    view.clarity === 'clear' &&
    others.every((hex) => hexDistance(there.liquidHex, hex) > flashes);
  return [
    ...gases,
    ...rings,
    ...(isFlash ? [passing(`where it falls it is ${there.colour}, which goes on shaking`)] : []),
  ];
}

/** From here an acid is so dense that it runs under what it is poured into, mol/L of hydrogensulfate (common practice). */
const sinksFromM = 8;
/** Iron(II) that nitrogen monoxide turns brown, mol/L (common practice). */
const ringsFromM = 0.02;

/** The brown ring of iron(II) with the nitrogen monoxide that comes up from concentrated sulfuric acid under it. */
function ringsUnder(into: EventResult, poured: Vessel, zone: EventResult): Observation[] {
  const sinks = (poured.phases.solution['HSO4^-'] ?? 0) > sinksFromM * poured.volumeMl;
  const isRing =
    sinks &&
    (zone.gasEvolved.NO ?? zone.gasEvolved.NO2 ?? 0) > 0 &&
    (into.equilibrium?.species['Fe^2+'] ?? 0) > ringsFromM;
  return isRing
    ? [passing('a brown ring where the acid lies under the liquid; gone on shaking', 'FeNO^2+')]
    : [];
}

const holdsSolid = ({ phases }: Vessel): boolean => Object.keys(phases.solids).length > 0;

/** Shares of what is poured after which a solid is looked for that the rest dissolves. */
const firstShares = [0.01, 0.04, 0.2];
/** A solid that is there for a moment only has to outdo its solubility so far, as a power of ten, to form so fast (common practice). */
const formsAtOnce = 0.6;
/** With less than this power of ten of any solid's solubility there is none to be looked for in the first drops either. */
const farFromAny = -6;

/** Solids that are there for a moment: where it falls, or after the first drops until the rest dissolves them. */
function passingSolids(into: Vessel, poured: Vessel, zone: EventResult): Observation[] {
  if (holdsSolid(into)) return [];
  const formed = ({ solidsChange, considered, vessel }: EventResult) =>
    Object.entries(solidsChange).flatMap(([formula, mmol]) => {
      const look = solidLook(formula);
      const mgPerL = (1000 * mmol * molarMassOf(formula)) / vessel.volumeMl;
      const saturation = considered.find(({ solid }) => solid.formula === formula);
      const isFast = !saturation || saturation.logRatio > formsAtOnce;
      return look && isFast && mgPerL > visibleMgPerL.precipitate
        ? [{ formula, colour: look.colour }]
        : [];
    });
  const falling = formed(zone).map(({ formula, colour }) =>
    passing(`where it falls, a ${colour} solid forms, and is gone on shaking`, formula),
  );
  if (falling.length > 0) return falling;
  if (!zone.considered.some(({ logRatio }) => logRatio > farFromAny)) return [];
  for (const share of firstShares) {
    const first = whereItFalls(into, poured, (share * poured.volumeMl) / into.volumeMl);
    const [found] = first.notPredicted.length > 0 ? [] : formed(first);
    if (found)
      return [
        passing(
          `at first a ${found.colour} solid forms; the rest of what is poured dissolves it`,
          found.formula,
        ),
      ];
  }
  return [];
}

const passing = (result: string, formula?: string): Observation => ({
  kind: 'sight',
  ...(formula && { formula }),
  result,
  shows: ['comes and goes'],
});
