/** The prep sheet: what to weigh and dilute, and what does not keep. */
export { howItKeeps, keepingSource } from './keeping';
export { cylindersSource, dropsPerMl, measureMl, roundToBalance } from './measuring';
export type { Bottles, Measured, MeasuringKit } from './measuring';
export { prepSheet } from './prepSheet';
export type { PrepLine, PrepMeans, SolutionNeed } from './prepSheet';
export type { Making } from './reagentPlan';
export { madeWords, recipe, recipeRequestSchema, strengthUnits } from './recipe';
export type { Recipe, RecipePart, RecipeRequest, StrengthUnit } from './recipe';
export { deviceText, massText, measuredText, recipeSteps, strengthText } from './recipeSteps';
export { readRecipe } from './readRecipe';
export type { ReadRecipe } from './readRecipe';
