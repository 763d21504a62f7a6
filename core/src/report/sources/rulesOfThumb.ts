import { keepingSource } from '../../planning/prep/keeping';
import { mixtureRulesSource } from '../../safety/classifyMixture';
import { faultsSource } from '../../seeing/judgement/faults/index';
import { hookSource } from '../../studies/electrolysis/hooks';
import { colourNamesSource } from '../../seeing/appearance/colourNames';
import { shadesSource } from '../../seeing/observation/shades';
import { densitySource } from '../../solution/preparation/strength';
import { precautionsSource } from '../../safety/precautions';
import { assumedMSource, withAcidsSource } from '../../safety/data/limits';
import { settlingSource } from '../../seeing/appearance/solidLook';
import { magnetSource } from '../../matter/substances/data/magnetic';
import { papersSource } from '../../seeing/benchTests/papers';
import { splintsSource } from '../../seeing/benchTests/splints';
import { heapSource } from '../../studies/dish/dish';
import { vapourSource } from '../../studies/electrolysis/drop';
import { efficiencySource } from '../../studies/electrolysis/efficiency';
import { impuritySource } from '../../studies/electrolysis/impurities';
import { batterySource } from '../../studies/electrolysis/supply';
import { chlorideSource } from '../../solution/equilibrium/activity';
import { amountsSource } from '../../studies/gas/amounts';
import { collectionSource } from '../../studies/gas/collection';
import { gradesSource } from '../../studies/gas/grades';
import { paceSource } from '../../studies/gas/pace';
import { routeNotesSource } from '../../studies/gas/routeNotes';
import { testReagentsSource } from '../../studies/gas/testReagents';
import { dropSource } from '../../measuring/dropCounts';
import { waterHeatSource } from '../../measuring/temperatureLog';
import { studentSource } from '../../measuring/uncertainty';
import { counterCasesSource } from '../../seeing/observation/counterCases';
import { cylindersSource } from '../../planning/prep/measuring';
import { incompatibilitySource } from '../../safety/incompatibility';
import { mixedUpSource } from '../../safety/nearNames';
import { workDangersSource } from '../../labday/prep/riskAssessment';
import { protectionSource } from '../../safety/protection';
import { firstAidSource } from '../../safety/protection';
import { unknownsSource } from '../../studies/identify/testKit';
import { wasteSource } from '../../safety/wasteRoute';
import { fumesSource } from '../../studies/shift/cautions';
import { analyticalGroupsSource } from '../../matter/substances/data/analyticalGroups';
import { electrodeProductsSource } from '../../matter/substances/data/electrodeProducts';
import { flameRanksSource } from '../../matter/substances/data/flameColours';
import { organicLooksSource } from '../../matter/substances/data/organicLooks';
import { containersSource } from '../../vessel/containers';
import { conductivitySource } from '../../vessel/electrolysis/conductivity';
import { mixingSource } from '../../vessel/electrolysis/passCurrent';
import { chlorineSource } from '../../vessel/electrolysis/passCurrent';
import { hydrolysisSource } from '../../vessel/hydrolysis';
import { ruleOfThumbSource } from '../../vessel/electrolysis/ruleOfThumb';
import { stillLayerSource } from '../../vessel/electrolysis/transport';
import { precipitantsSource } from '../../planning/waste/precipitants';
import type { Source } from '../../matter/substances/source';

/** What calculations use that is no row of a table, by what it is used for. */
export const rulesOfThumb: readonly { readonly of: string; readonly source: Source }[] = [
  { of: 'How precipitates settle', source: settlingSource },
  { of: 'Magnet', source: magnetSource },
  { of: 'Hydroxides that need a base', source: hydrolysisSource },
  { of: 'Test papers', source: papersSource },
  { of: 'Splints', source: splintsSource },
  { of: 'Heaps of salt in a dish', source: heapSource },
  { of: 'Vapour above one drop', source: vapourSource },
  { of: 'Current efficiency above 100 %', source: efficiencySource },
  { of: 'Impurities at electrodes', source: impuritySource },
  { of: 'Supplies and batteries', source: batterySource },
  { of: 'Activity of hydrochloric acid', source: chlorideSource },
  { of: 'Excess and loss in gas making', source: amountsSource },
  { of: 'How gases are collected', source: collectionSource },
  { of: 'How routes to a gas are graded', source: gradesSource },
  { of: 'Pace of gas making', source: paceSource },
  { of: 'Notes on routes to gases', source: routeNotesSource },
  { of: 'Reagents a gas is passed through', source: testReagentsSource },
  { of: 'Drops', source: dropSource },
  { of: 'Heat capacity of water', source: waterHeatSource },
  { of: 'Student’s t', source: studentSource },
  { of: 'Evidence of chemical change', source: counterCasesSource },
  { of: 'Measuring cylinders and drops', source: cylindersSource },
  { of: 'What must not meet', source: incompatibilitySource },
  { of: 'Names that are mixed up', source: mixedUpSource },
  { of: 'Protection', source: protectionSource },
  { of: 'Dangers of kit and work', source: workDangersSource },
  { of: 'First aid', source: firstAidSource },
  { of: 'Waste bottles', source: wasteSource },
  { of: 'Jars of unknown content', source: unknownsSource },
  { of: 'Fumes of concentrated reagents', source: fumesSource },
  { of: 'Separation of cations', source: analyticalGroupsSource },
  { of: 'How products at electrodes look', source: electrodeProductsSource },
  { of: 'Which flames hide which', source: flameRanksSource },
  { of: 'Colours of class tests', source: organicLooksSource },
  { of: 'Vessels', source: containersSource },
  { of: 'Conductivity of ions', source: conductivitySource },
  { of: 'Mixing in a cell', source: mixingSource },
  { of: 'Chlorine in a cell', source: chlorineSource },
  { of: 'Rule of thumb of discharge', source: ruleOfThumbSource },
  { of: 'Still layer at an electrode', source: stillLayerSource },
  { of: 'Precipitants for toxic ions', source: precipitantsSource },
  { of: 'How long solutions keep', source: keepingSource },
  { of: 'Classification of mixtures', source: mixtureRulesSource },
  { of: 'Slips of the bench', source: faultsSource },
  { of: 'Hints while a cell runs', source: hookSource },
  { of: 'What people call colours', source: colourNamesSource },
  { of: 'How near two names of a colour are', source: shadesSource },
  { of: 'Density of a solution', source: densitySource },
  { of: 'Precautionary statements', source: precautionsSource },
  { of: 'Acids that set a gas free', source: withAcidsSource },
  { of: 'M-factors that are not known', source: assumedMSource },
];
