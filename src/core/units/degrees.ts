import { roundTo } from './round';
import { type SpanF, ticksAlong } from './span';

/** A degree scale for display and entry; storage and calculation are always in °F. */
export type DegreeScale = 'F' | 'C';

/**
 * The space before °F that marks a difference: it looks like any other, and tells `inScale` that 9 °F cooler is 5 °C
 * cooler.
 */
const APART = '\u2009';

/** A temperature difference in words, such as a rise or a droop, °F; any number or range. */
export const apartF = (differenceF: number | string): string => `${differenceF}${APART}°F`;

/** Text for targets that know one kind of space, such as a terminal or a file. */
export const withPlainSpaces = (text: string): string => text.replaceAll(APART, ' ');

/** Whether a unit is degrees. */
export const isDegreeUnit = (unit: string): boolean => unit.startsWith('°F');

/** A unit's name on a scale. */
export const unitOn = (scale: DegreeScale, unit: string): string => (scale === 'C' ? unit.replace('°F', '°C') : unit);

/** A stored temperature, °F, on a scale; not rounded. */
export const onScale = (scale: DegreeScale, valueF: number): number => (scale === 'C' ? (valueF - 32) / 1.8 : valueF);

/** A stored difference, °F, on a scale; not rounded. */
export const apartOnScale = (scale: DegreeScale, differenceF: number): number =>
  scale === 'C' ? differenceF / 1.8 : differenceF;

/** A temperature read on a scale, °F; to a hundredth, so that 8.3 °C stays 8.3 °C. */
export const fromScale = (scale: DegreeScale, value: number): number =>
  scale === 'C' ? roundTo(value * 1.8 + 32, 2) : value;

/** A difference read on a scale, °F. */
export const apartFromScale = (scale: DegreeScale, difference: number): number =>
  scale === 'C' ? roundTo(difference * 1.8, 2) : difference;

/** The next step of a scale above or below a temperature, °F: whole degrees in °F, halves in °C. */
export const steppedF = (scale: DegreeScale, atF: number, steps: number): number => {
  if (scale === 'F') return atF + steps;
  const halves = onScale('C', atF) * 2;
  const whole = steps > 0 ? Math.floor(halves + 1e-3) : Math.ceil(halves - 1e-3);
  return fromScale('C', (whole + steps) / 2);
};

/** The nearest step of a scale, °F: whole degrees in °F, halves in °C. */
export const nearestF = (scale: DegreeScale, atF: number): number =>
  scale === 'F' ? Math.round(atF) : fromScale('C', Math.round(onScale('C', atF) * 2) / 2);

/** A figure as displayed: at most this many decimals, without trailing zeros. */
export const degreesText = (value: number, decimals = 1): string => {
  const rounded = roundTo(value, decimals);
  return String(Object.is(rounded, -0) ? 0 : rounded);
};

const FIGURE = String.raw`[-\u2212]?\d+(?:,\d{3})*(?:\.\d+)?`;
const FIGURES = new RegExp(
  String.raw`((?:${FIGURE}(?: to | and | or |, ))*)(${FIGURE})([ ${APART}])°F|(${FIGURE}) Btu/h per °F`,
  'g',
);

const numberOf = (figure: string) => Number(figure.replaceAll(',', '').replace('\u2212', '-'));

/**
 * A sentence from core on a scale: "From 12 to 30 °F" becomes "From −11.1 to −1.1 °C" (with hyphens as core writes
 * them), "9 °F cooler" becomes "5 °C cooler" if made by `apartF`. In °F it is unchanged.
 * @example inScale('C', 'locked out below 5 °F'); // 'locked out below -15 °C'
 */
export const inScale = (scale: DegreeScale, text: string): string =>
  scale === 'F'
    ? text
    : text.replace(FIGURES, (_, earlier: string, last: string, space: string, rate: string | undefined) => {
        if (rate !== undefined) return `${Math.round(numberOf(rate) * 1.8).toLocaleString('en-US')} Btu/h per °C`;
        const change = space === APART ? apartOnScale : onScale;
        const shown = (figure: string) => degreesText(change(scale, numberOf(figure)));
        return `${earlier.replace(new RegExp(FIGURE, 'g'), shown)}${shown(last)} °C`;
      });

/** Everything a screen needs to display and enter degrees on one scale. */
export interface Degrees {
  readonly scale: DegreeScale;
  readonly unit: '°F' | '°C';
  /** A sentence from core on this scale. */
  readonly say: (text: string) => string;
  /** A stored temperature, °F, as a bare figure. */
  readonly figure: (valueF: number, decimals?: number) => string;
  /** The same with its unit. */
  readonly text: (valueF: number, decimals?: number) => string;
  /** Round marks of this scale along a span, at a step in its own degrees. */
  readonly ticks: (spanF: SpanF, every: number) => readonly { readonly atF: number; readonly value: number }[];
}

const degreesOn = (scale: DegreeScale): Degrees => {
  const unit = scale === 'C' ? '°C' : '°F';
  const figure = (valueF: number, decimals?: number) => degreesText(onScale(scale, valueF), decimals);
  return {
    scale,
    unit,
    say: (text) => inScale(scale, text),
    figure,
    text: (valueF, decimals) => `${figure(valueF, decimals)} ${unit}`,
    ticks: ([fromF, toF], every) =>
      ticksAlong([onScale(scale, fromF), onScale(scale, toF)], every).map((value) => ({
        atF: fromScale(scale, value),
        value,
      })),
  };
};

/** Both scales. */
export const DEGREES: Readonly<Record<DegreeScale, Degrees>> = { F: degreesOn('F'), C: degreesOn('C') };
