/** Whether every group does it, or one person shows it to all. */
export const manners = ['groups', 'demonstration'] as const;
export type Manner = (typeof manners)[number];
