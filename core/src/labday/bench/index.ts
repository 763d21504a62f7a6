/** How far a bench is, what it wrote, and the instruments beside it. */
export { benchProgress, waitingSteps } from './benchProgress';
export type { BenchProgress, StepProgress } from './benchProgress';
export { describeRecord } from './describeRecord';
export { tellMeasurement } from './asRead';
export {
  commandSchema,
  followSchema,
  instrumentKinds,
  instrumentSchema,
  readingSchema,
} from './instruments';
export type { Follow, InstrumentInfo, InstrumentReading } from './instruments';
