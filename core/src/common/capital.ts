/** A text that begins with a capital, as a sentence or a label does. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
