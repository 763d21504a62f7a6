/** Two salts in a shallow dish: where and when the line forms. */
export { dishOf, dishSchema, heapSource } from './dish';
export type { Dish, DishRequest, DishSalt } from './dish';
export { dishClearUp, dishProcedure } from './dishProcedure';
export { classAgainstDish, dishMarkSchema, mixingFactor, usualMixing } from './mixingFactor';
export type { ClassAgainstDish, DishMark } from './mixingFactor';
export { effusionWords, nearReasons, sideOf } from './nearWords';
export type { NearReason } from './nearWords';
export { diffusionOf, saltDiffusion } from './nernstHartley';
export { runDish } from './runDish';
export type { DishFrame, DishRun, FirstLine, Growth } from './runDish';
export { substitutes } from './substitutes';
export type { Substitute } from './substitutes';
export { whyNearer } from './whyNearer';
export type { Nearness } from './whyNearer';
