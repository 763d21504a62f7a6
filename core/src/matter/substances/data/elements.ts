import { alkaliMetals } from './elements/alkaliMetals';
import { alkalineEarths } from './elements/alkalineEarths';
import { aluminium } from './elements/aluminium';
import { antimony } from './elements/antimony';
import { bismuth } from './elements/bismuth';
import { boron } from './elements/boron';
import { cadmium } from './elements/cadmium';
import { carbon } from './elements/carbon';
import { cerium } from './elements/cerium';
import { chromium } from './elements/chromium';
import { cobalt } from './elements/cobalt';
import { copper } from './elements/copper';
import { gold } from './elements/gold';
import { halogens } from './elements/halogens';
import { iron } from './elements/iron';
import { lead } from './elements/lead';
import { manganese } from './elements/manganese';
import { mercury } from './elements/mercury';
import { molybdenum } from './elements/molybdenum';
import { nickel } from './elements/nickel';
import { nitrogen } from './elements/nitrogen';
import { organic } from './elements/organic';
import { oxygen } from './elements/oxygen';
import { phosphorus } from './elements/phosphorus';
import { silicon } from './elements/silicon';
import { silver } from './elements/silver';
import { sulfur } from './elements/sulfur';
import { tin } from './elements/tin';
import { titanium } from './elements/titanium';
import { vanadium } from './elements/vanadium';
import { zinc } from './elements/zinc';
import type { ElementData } from '../types';

/** Every element or family, with what is known of it: from here the tables are put together. */
export const elements: readonly ElementData[] = [
  oxygen,
  halogens,
  sulfur,
  nitrogen,
  phosphorus,
  carbon,
  silicon,
  boron,
  organic,
  alkaliMetals,
  alkalineEarths,
  aluminium,
  titanium,
  vanadium,
  chromium,
  manganese,
  iron,
  cobalt,
  nickel,
  copper,
  zinc,
  silver,
  gold,
  cadmium,
  tin,
  mercury,
  lead,
  bismuth,
  antimony,
  cerium,
  molybdenum,
];
