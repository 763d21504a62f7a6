import { commonPractice } from '../source';
import type { GasProof } from '../types';

const trade = commonPractice('what a gas is proved by in a school or training laboratory');

/** The test that proves each gas; where the bench test by itself leaves a choice, `but` says what else is needed. */
export const gasProofs = [
  { gas: 'H2', test: 'litSplint', method: 'lit splint at the mouth of a tube that holds some air', positive: 'squeaky pop', source: trade },
  { gas: 'O2', test: 'glowingSplint', method: 'glowing splint', positive: 'relights', but: 'dinitrogen oxide relights it too; oxygen turns nitrogen monoxide brown, dinitrogen oxide does not', source: trade },
  { gas: 'N2', test: 'limewater', method: 'by exclusion: a splint goes out, lime water and litmus stay as they are', positive: 'stays clear', but: 'no test is its own', source: trade },
  { gas: 'CO2', test: 'limewater', method: 'lime water', positive: 'turns milky', but: 'an excess clears it again; sulfur dioxide clouds it too but smells and decolours permanganate', source: trade },
  { gas: 'CO', test: 'litSplint', method: 'it burns with a blue flame, and lime water shaken with what is left turns milky', positive: 'burns at the mouth', but: 'in the hood only; a detector, never the nose', source: trade },
  { gas: 'NH3', test: 'dampRedLitmus', method: 'damp red litmus', positive: 'turns blue', source: trade },
  { gas: 'HCl', test: 'silverNitrateDrop', method: 'damp blue litmus turns red, and a drop of silver nitrate clouds white', positive: 'turns white', but: 'white smoke beside a drop of ammonia', source: trade },
  { gas: 'Cl2', test: 'dampBlueLitmus', method: 'damp blue litmus', positive: 'turns red, then is bleached white', source: trade },
  { gas: 'SO2', test: 'dichromatePaper', method: 'paper with acidified dichromate', positive: 'turns green', but: 'hydrogen sulfide does it too, and blackens lead paper', source: trade },
  { gas: 'H2S', test: 'leadAcetatePaper', method: 'paper with lead ethanoate', positive: 'turns black', source: trade },
  { gas: 'NO', test: 'starchIodidePaper', method: 'it turns brown as air reaches it', positive: 'turns blue-black', but: 'the brown where it meets air is the proof', source: trade },
  { gas: 'NO2', test: 'starchIodidePaper', method: 'brown gas that reddens damp blue litmus without bleaching it, and turns starch–iodide paper', positive: 'turns blue-black', but: 'bromine is brown too but bleaches litmus', source: trade },
  { gas: 'N2O', test: 'glowingSplint', method: 'glowing splint', positive: 'relights', but: 'it stays colourless with nitrogen monoxide, where oxygen turns it brown', source: trade },
  { gas: 'CH4', test: 'litSplint', method: 'it burns with a pale flame, and bromine water keeps its colour', positive: 'burns at the mouth', source: trade },
  { gas: 'C2H4', test: 'bromineWater', method: 'bromine water', positive: 'is decolourised', but: 'the saturated control keeps its colour', source: trade },
  { gas: 'C2H2', test: 'bromineWater', method: 'bromine water, and a very sooty flame', positive: 'is decolourised', but: 'the saturated control keeps its colour', source: trade },
  { gas: 'C2H6', test: 'litSplint', method: 'it burns, and bromine water keeps its colour', positive: 'burns at the mouth', source: trade },
  { gas: 'C3H8', test: 'litSplint', method: 'it burns, and bromine water keeps its colour', positive: 'burns at the mouth', source: trade },
  { gas: 'C3H6', test: 'bromineWater', method: 'bromine water', positive: 'is decolourised', but: 'the saturated control keeps its colour', source: trade },
  { gas: 'C4H10', test: 'litSplint', method: 'it burns, and bromine water keeps its colour', positive: 'burns at the mouth', source: trade },
] as const satisfies readonly GasProof[];
