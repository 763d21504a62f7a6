import type { organicTests } from '../../../../matter/substances/data/organicTests';
import type { OutcomeRule } from '../compound';
import { cericNitrate, chromicAcid, iodoform, lucas } from './alcohols';
import { appearance } from './appearance';
import { dnp, fehling, hydroxamate, schiff, silverMirror, silverMirrorCold } from './carbonyls';
import { beilstein, iodideInPropanone, silverNitrateEthanol } from './halides';
import { bromineWater, burning, permanganate } from './multipleBonds';
import { ammoniaOnBoiling, azoDye, hinsberg, ironHydroxide, molisch, ninhydrin } from './nitrogen';
import { ferricChloride } from './phenols';
import { acid, base, bicarbonate, litmus, redLitmus, sulfuric, water } from './solubility';

export type OrganicTestName = (typeof organicTests)[number]['name'];

/** What each test shows for a compound, by the name of the test. */
export const outcomeRules: Readonly<Record<OrganicTestName, OutcomeRule>> = {
  appearance,
  water,
  base,
  bicarbonate,
  acid,
  sulfuric,
  litmus,
  redLitmus,
  burning,
  beilstein,
  cericNitrate,
  chromicAcid,
  lucas,
  dnp,
  iodoform,
  silverMirror,
  silverMirrorCold,
  fehling,
  schiff,
  bromineWater,
  permanganate,
  ferricChloride,
  hydroxamate,
  ammoniaOnBoiling,
  azoDye,
  hinsberg,
  silverNitrateEthanol,
  iodideInPropanone,
  ironHydroxide,
  ninhydrin,
  molisch,
};
