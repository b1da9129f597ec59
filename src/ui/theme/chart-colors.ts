import type { ApexOptions } from 'apexcharts';
import { SOURCE_COLOR } from './source-colors';

/** The color that a custom property of the theme means at this moment, for charts that take no properties. */
export const themeColor = (property: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(property.replace(/^var\(|\)$/g, ''))
    .trim();

/** A source's color in the theme at this moment. */
export const sourceColor = (source: keyof typeof SOURCE_COLOR): string => themeColor(SOURCE_COLOR[source]);

/** A chart as all of ours are: still, without tools of its own, on the page's ground. */
export const plainChart = (ink: string): NonNullable<ApexOptions['chart']> => ({
  toolbar: { show: false },
  zoom: { enabled: false },
  animations: { enabled: false },
  fontFamily: 'Barlow, sans-serif',
  foreColor: ink,
  background: 'transparent',
});
