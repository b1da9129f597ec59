/** A text with its first letter large, as at the start of a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
