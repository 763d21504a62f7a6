/** Whether a name means plain water. */
export function isWater(text: string): boolean {
  return ['water', 'h2o', 'distilled water'].includes(text.trim().toLowerCase());
}
