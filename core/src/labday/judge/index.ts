/** What the record of a day says: verdicts, evaluations, spreads, charts. */
export { causesOf, judgeDay, judgeStation, judgeWork } from './judgeDay';
export type { StationJudgement } from './judgeDay';
export { activityEvidence } from './activityEvidence';
export { analyse } from './analyse';
export type { AnalysisResult, Found } from './analyse';
export { classSpread } from './classSpread';
export type { ClassSpread } from './classSpread';
export { chartsOf } from './foundCharts';
export type { ChartData, ChartPoint, ChartSeries } from './foundCharts';
export { tellFound } from './foundWords';
export type { FoundWords } from './foundWords';
export { readAlone } from './readAlone';
export { repeatedReadings } from './repeatedReadings';
