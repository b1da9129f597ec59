import type { CallId, Moment } from '../control/moment';
import { NO_FAULTS } from '../control/scenario';
import type { FactPath, Facts } from '../job/document';
import type { ReadingValue } from '../job/reading';
import type { Observation } from '../model/observable';
import type { StopId } from '../stop-work/stops';
import type { AirflowSeen } from './airflow-seen';
import type { MeasuredCapacity } from './capacity';
import type { CautionId } from './cautions';
import { OUTDOOR_ITEM } from './conditions';
import type { Cabinet, SupplyId } from './energy';
import { numberRead, type StartupContext } from './given';

/** A delay that the equipment imposes before a reading means anything. */
export interface Wait {
  readonly id: string;
  readonly label: string;
  readonly seconds: number;
  readonly why: string;
}

/** The weather that a step waits for. */
export interface WeatherWait {
  readonly weather: 'warmer' | 'colder';
  /** From this outdoor temperature on it can be proved, °F. */
  readonly atF: number;
  readonly why: string;
}

export type Grade = 'pass' | 'warn' | 'fail' | 'noted';

export interface Verdict {
  readonly grade: Grade;
  readonly means: string;
  /** What to measure or do next, where something is wrong. */
  readonly next?: string;
  /** What it stops the work for. */
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
      /** Volts that must not be there. */
      readonly isDead?: boolean;
    }
  /** Cannot be worked out before something else is known. */
  | { readonly kind: 'needs'; readonly what: string; readonly fact?: FactPath }
  /** Kept for the record, and for what it lets be worked out. */
  | { readonly kind: 'record'; readonly sum: string }
  /** Something to do, not to read. */
  | { readonly kind: 'tick' };

/** Where a clamp can be, when it makes a difference. */
export interface ClampPlace {
  readonly id: string;
  readonly label: string;
}

/** One thing to read or do in a step. */
export interface Item {
  /** Unique within the step. */
  readonly id: string;
  /** What is read, where it is something that can be: its key is the reading's, whatever page asks. */
  readonly of?: Observation;
  readonly label: string;
  readonly unit: string;
  /** A difference of temperatures, not a temperature. */
  readonly isDifference?: boolean;
  readonly places?: readonly ClampPlace[];
  /** What has to be so before it is done, in order, each said by a tap of its own. */
  readonly stages?: readonly { readonly word: string; readonly label: string }[];
  /** The supply that its tick verifies dead: a reading that shows volts ends the proof. */
  readonly proves?: SupplyId;
  /** The cabinet that hands go into: it stays shut until each of its supplies is verified dead. */
  readonly handsIn?: Cabinet;
  /** What a failing reading of it stops the work for. */
  readonly stops?: StopId;
  /** A reading that something safe depends on: no slip of the point is ever suggested for it. */
  readonly isSafety?: boolean;
  /** Control volts that no observable means. */
  readonly isControlVolts?: boolean;
  /** The other way a thing to do can end, said by a button of its own. */
  readonly fails?: { readonly word: string; readonly label: string; readonly means: string };
  readonly expect: (place: string | null) => Expectation;
  /** The fact that its limit is taken from: while no one has looked at it, a reading beyond is looked at again. */
  readonly limitFrom?: FactPath;
  /** The whole verdict on a number, where limits alone do not tell: CO by the O₂ of its sample. */
  readonly verdict?: (value: number) => Verdict;
  /** Words a verdict beyond the plain limits: likeliest cause, next thing to measure. */
  readonly explain?: (value: ReadingValue, grade: Grade, place: string | null) => Omit<Verdict, 'grade'> | null;
}

/** A step with everything in it for this job. */
export interface BuiltStep {
  readonly cautions: readonly CautionId[];
  /** How to put the system there, one action a line. */
  readonly how: readonly string[];
  readonly call: CallId | null;
  readonly waits: readonly Wait[];
  /** Limits that are typed here: from a plate, a chart or a manual. */
  readonly limits?: readonly FactPath[];
  /** Why today's weather does not let it be proved as it runs; what is open then waits for a return visit. */
  readonly waitsFor?: WeatherWait;
  /** The airflow by each way that was read, side by side. */
  readonly airflows?: readonly AirflowSeen[];
  /** What the heat pump was measured to give in this call, where that can be told. */
  readonly capacity?: MeasuredCapacity;
  readonly items: readonly Item[];
}

/** A startup step as data: what it proves, whom it applies to, how it is built for a job. */
export interface StartupStep {
  readonly id: string;
  readonly title: string | ((facts: Facts) => string);
  /** Why it is done; a sentence for the job where it depends on what is there. */
  readonly why: string | ((facts: Facts) => string);
  readonly applies: (facts: Facts) => boolean;
  /** Whose work it is, where a license is needed: it is in the list for those alone who say that they have it. */
  readonly license?: 'fuel' | 'refrigerant';
  readonly build: (context: StartupContext) => BuiltStep;
}

/** The outdoor temperature as measured, or as the moment has it, °F. */
export const outdoorFOf = (context: StartupContext): number =>
  numberRead(context, OUTDOOR_ITEM) ?? context.moment.outdoorF;

/** The moment a step is expected for: the outdoor temperature as measured, or as the moment has it. */
export const stepMoment = (context: StartupContext, call: CallId): Moment => ({
  ...context.moment,
  outdoorF: outdoorFOf(context),
  call,
  // What is being tried elsewhere is never what a reading is judged by.
  scenario: NO_FAULTS,
});
