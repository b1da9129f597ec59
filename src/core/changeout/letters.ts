import { ownValue } from '../border/own-value';
import type { ThermostatFunction } from '../wiring/thermostat-functions';

/** System that an old thermostat controlled, as far as it changes what a letter means. */
export type OldKind = 'conventional' | 'heat-pump' | 'heat-only';

/** Likelihood of each meaning of a letter, by the system. Only ratios matter. */
type Meanings = Partial<Record<ThermostatFunction, number>>;

/** A letter with one meaning on any system. */
const plain = (meanings: Meanings) => ({ conventional: meanings, 'heat-pump': meanings, 'heat-only': meanings });

const by = (conventional: Meanings, heatPump: Meanings) => ({
  conventional,
  'heat-pump': heatPump,
  'heat-only': conventional,
});

const HEAT_AND_COOL_BACKUP: Meanings = { backup: 1 };

/** Letters of subbases and boards, and their past meanings. Our judgment of practice; never proof. */
const MEANINGS: Readonly<Record<string, Record<OldKind, Meanings>>> = {
  R: plain({ hot: 0.94, 'hot-heating': 0.03, 'hot-cooling': 0.03 }),
  RH: plain({ 'hot-heating': 0.6, hot: 0.4 }),
  RC: plain({ 'hot-cooling': 0.6, hot: 0.4 }),
  C: plain({ common: 1 }),
  X: by({ common: 0.7, lamp: 0.1, spare: 0.2 }, { common: 0.45, emergency: 0.2, 'second-backup': 0.2, lamp: 0.15 }),
  B: by({ common: 0.8, 'valve-heating': 0.1, spare: 0.1 }, { 'valve-heating': 0.6, common: 0.4 }),
  O: by({ spare: 0.8, 'valve-cooling': 0.2 }, { 'valve-cooling': 0.85, 'valve-heating': 0.15 }),
  'O/B': plain({ 'valve-cooling': 0.6, 'valve-heating': 0.4 }),
  Y: plain({ compressor: 1 }),
  Y1: plain({ compressor: 1 }),
  Y2: plain({ 'second-compressor': 1 }),
  G: plain({ blower: 1 }),
  W: by(HEAT_AND_COOL_BACKUP, { backup: 0.6, emergency: 0.35, 'second-backup': 0.05 }),
  W1: by(HEAT_AND_COOL_BACKUP, { backup: 0.65, emergency: 0.3, 'second-backup': 0.05 }),
  W2: by({ 'second-backup': 0.9, backup: 0.1 }, { backup: 0.5, 'second-backup': 0.35, emergency: 0.15 }),
  W3: by({ 'second-backup': 1 }, { 'second-backup': 0.7, emergency: 0.2, backup: 0.1 }),
  AUX: plain({ backup: 0.85, 'second-backup': 0.15 }),
  AUX1: plain({ backup: 1 }),
  AUX2: plain({ 'second-backup': 0.9, backup: 0.1 }),
  E: by({ emergency: 0.5, spare: 0.5 }, { emergency: 0.85, backup: 0.15 }),
  L: plain({ lamp: 0.8, emergency: 0.1, spare: 0.1 }),
  // The two wires of an oil primary control: the letter does not tell which is hot.
  T: plain({ hot: 0.5, backup: 0.5 }),
  TT: plain({ hot: 0.5, backup: 0.5 }),
  TH: plain({ hot: 0.6, backup: 0.4 }),
  X2: by({ common: 0.5, 'second-backup': 0.5 }, { 'second-backup': 0.4, emergency: 0.35, common: 0.15, lamp: 0.1 }),
  F: plain({ lamp: 0.6, blower: 0.4 }),
  K: plain({ compressor: 0.5, blower: 0.5 }),
  S1: plain({ 'sensor-1': 1 }),
  S2: plain({ 'sensor-2': 1 }),
};

/** Letters offered for a bare subbase, in the usual order. */
export const SUBBASE_LETTERS = Object.keys(MEANINGS);

/** A letter for comparison: capitals, no spaces. */
export const plainLetter = (letter: string): string => letter.trim().toUpperCase();

/** Possible meanings of a letter; null if it has none here. */
export const meaningsOf = (letter: string, kind: OldKind): Meanings | null =>
  ownValue(MEANINGS, plainLetter(letter))?.[kind] ?? null;

/** Usual use of wire colors. The weakest hint: a factor of two, no more. */
const USUAL: Readonly<Record<string, readonly ThermostatFunction[]>> = {
  red: ['hot', 'hot-cooling', 'hot-heating'],
  white: ['backup'],
  green: ['blower'],
  blue: ['common'],
  yellow: ['compressor'],
  orange: ['valve-cooling', 'valve-heating'],
};

/** Weight of a color, as a factor. */
export const leaningOf = (colour: string, does: ThermostatFunction): number =>
  ownValue(USUAL, colour)?.includes(does) ? 2 : 1;
