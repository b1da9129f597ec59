import type { ApexOptions } from 'apexcharts';
import { SOURCE_COLOR } from './source-colors';

/** Present color of a theme property, for charts that take no CSS variables. */
export const themeColor = (property: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(property.replace(/^var\(|\)$/g, ''))
    .trim();

/** Present color of a source in the theme. */
export const sourceColor = (source: keyof typeof SOURCE_COLOR): string => themeColor(SOURCE_COLOR[source]);

/** Common chart options: no animation, no toolbar, on the page background. */
export const plainChart = (ink: string): NonNullable<ApexOptions['chart']> => ({
  toolbar: { show: false },
  zoom: { enabled: false },
  animations: { enabled: false },
  fontFamily: 'Barlow, sans-serif',
  foreColor: ink,
  background: 'transparent',
});
