import { SOURCE_COLOUR } from './sources';

/** The colour that a custom property of the theme stands for at this moment, for charts that take no properties. */
export const themeColour = (property: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(property.replace(/^var\(|\)$/g, ''))
    .trim();

/** A source's colour in the theme at this moment. */
export const sourceColour = (source: keyof typeof SOURCE_COLOUR): string => themeColour(SOURCE_COLOUR[source]);
