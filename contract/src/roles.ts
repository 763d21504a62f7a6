/** Whoever asks, known or not. */
export const everybody = ['instructor', 'technician', 'group', 'nobody'] as const;
/** Whoever is known. */
export const known = ['instructor', 'technician', 'group'] as const;
export const staff = ['instructor', 'technician'] as const;
export const instructor = ['instructor'] as const;
export const group = ['group'] as const;
