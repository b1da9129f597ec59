import type { CallId, Moment } from '../control/moment';
import { NO_FAULTS } from '../control/scenario';
import type { FactPath, Facts } from '../job/document';
import type { ReadingValue } from '../job/reading';
import type { Observation } from '../model/observable';
import type { CautionId } from '../safety/cautions';
import type { StopId } from '../safety/stops';
import type { AirflowSeen } from './airflow-seen';
import type { MeasuredCapacity } from './capacity';
import { OUTDOOR_ITEM } from './conditions';
import type { Cabinet, SupplyId } from './energy';
import { numberRead, type StartupContext } from './given';

/** An equipment delay before a reading means anything. */
export interface Wait {
  readonly id: string;
  readonly label: string;
  readonly seconds: number;
  readonly why: string;
}

/** Weather that a step waits for. */
export interface WeatherWait {
  readonly weather: 'warmer' | 'colder';
  /** Outdoor temperature from which it can be proved, °F. */
  readonly atF: number;
  readonly why: string;
}

export type Grade = 'pass' | 'warn' | 'fail' | 'noted';

export interface Verdict {
  readonly grade: Grade;
  readonly means: string;
  /** What to measure or do next if something is wrong. */
  readonly next?: string;
  /** The stop that it causes. */
  readonly stop?: StopId;
}

export type Expectation =
  /** A number within limits; `sum` says where they come from. */
  | {
      readonly kind: 'band';
      readonly aim: number | null;
      readonly pass: readonly [number, number];
      readonly warn: readonly [number, number];
      readonly tolerance: string;
      readonly sum: string;
      /** Volts that must not be present. */
      readonly isDead?: boolean;
    }
  /** Cannot be worked out before something else is known. */
  | { readonly kind: 'needs'; readonly what: string; readonly fact?: FactPath }
  /** Kept for the record, and for what it lets be worked out. */
  | { readonly kind: 'record'; readonly sum: string }
  /** Something to do, not to read. */
  | { readonly kind: 'tick' };

/** Clamp places, if the place matters. */
export interface ClampPlace {
  readonly id: string;
  readonly label: string;
}

/** One item to read or do in a step. */
export interface Item {
  /** Unique within the step. */
  readonly id: string;
  /** The observable, if there is one: its key is the reading's, on any page. */
  readonly of?: Observation;
  readonly label: string;
  readonly unit: string;
  /** A temperature difference, not a temperature. */
  readonly isDifference?: boolean;
  readonly places?: readonly ClampPlace[];
  /** Conditions before it is done, in order, each ticked separately. */
  readonly stages?: readonly { readonly word: string; readonly label: string }[];
  /** The supply that its tick verifies dead: a reading with volts ends the verification. */
  readonly proves?: SupplyId;
  /** The cabinet that hands go into: locked until each of its supplies is verified dead. */
  readonly handsIn?: Cabinet;
  /** The stop that a failing reading causes. */
  readonly stops?: StopId;
  /** A safety reading: no typing slip is ever suggested for it. */
  readonly isSafety?: boolean;
  /** Control volts without an observable. */
  readonly isControlVolts?: boolean;
  /** The other outcome of a task, with its own button. */
  readonly fails?: { readonly word: string; readonly label: string; readonly means: string };
  readonly expect: (place: string | null) => Expectation;
  /** The fact behind its limit: while unconfirmed, a reading beyond it is a recheck. */
  readonly limitFrom?: FactPath;
  /** The whole verdict on a number, if limits alone are not enough: CO by the O₂ of its sample. */
  readonly verdict?: (value: number) => Verdict;
  /** Words of a verdict beyond plain limits: likeliest cause, next measurement. */
  readonly explain?: (value: ReadingValue, grade: Grade, place: string | null) => Omit<Verdict, 'grade'> | null;
}

/** A step with everything in it for this job. */
export interface BuiltStep {
  readonly cautions: readonly CautionId[];
  /** How to put the system in that state, one action per line. */
  readonly how: readonly string[];
  readonly call: CallId | null;
  readonly waits: readonly Wait[];
  /** Limits typed here, from a nameplate, chart or manual. */
  readonly limits?: readonly FactPath[];
  /** Why today's weather does not allow proving it; open items then wait for a return visit. */
  readonly waitsFor?: WeatherWait;
  /** Airflow from each source, side by side. */
  readonly airflows?: readonly AirflowSeen[];
  /** Measured capacity in this call, if known. */
  readonly capacity?: MeasuredCapacity;
  readonly items: readonly Item[];
}

/** A startup step as data: what it proves, where it applies, how it is built for a job. */
export interface StartupStep {
  readonly id: string;
  readonly title: string | ((facts: Facts) => string);
  /** Why it is done; depends on the job if needed. */
  readonly why: string | ((facts: Facts) => string);
  readonly applies: (facts: Facts) => boolean;
  /** Required license: listed only for those who say that they have it. */
  readonly license?: 'fuel' | 'refrigerant';
  readonly build: (context: StartupContext) => BuiltStep;
}

/** Outdoor temperature as measured, or from the moment, °F. */
export const outdoorFOf = (context: StartupContext): number =>
  numberRead(context, OUTDOOR_ITEM) ?? context.moment.outdoorF;

/** Moment of a step's expectation: outdoor temperature as measured, or from the moment. */
export const stepMoment = (context: StartupContext, call: CallId): Moment => ({
  ...context.moment,
  outdoorF: outdoorFOf(context),
  call,
  // A simulation on another page never affects verdicts.
  scenario: NO_FAULTS,
});
