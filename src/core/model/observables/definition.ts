import type { Moment } from '../../control/moment';
import type { FactPath, Facts } from '../../job/document';
import type { Bench, WiringState } from '../../wiring/state';
import type { EquipmentFaults } from '../equipment-faults';
import type { JobModel } from '../job-model';
import type { Observable } from '../observable';
import type { OperatingState } from '../operating-state';

/** A predicted reading: a number with its spread, an open circuit, a word, or what is missing for a prediction. */
export type Prediction =
  | {
      readonly kind: 'number';
      readonly value: number;
      /** Range on a good system: ghost voltage of a floating terminal, an inverter's span. */
      readonly spread: readonly [number, number];
    }
  | { readonly kind: 'open' }
  | { readonly kind: 'word'; readonly word: string }
  | { readonly kind: 'unknown'; readonly needs: string; readonly fact?: FactPath };

/** Other measurements that a prediction depends on. */
export interface Given {
  /** Line volts at the kit, V; default: the service's. */
  readonly kitVolts?: number;
  /** Return air temperature, °F; default: the room's. */
  readonly returnF?: number;
  /** Seconds since the call began; default: after every switch has moved. */
  readonly seconds?: number;
  /** Equipment faults; default: none. */
  readonly ails?: EquipmentFaults;
  /** Frost that a night like this leaves on the outdoor coil; default: unknown. */
  readonly night?: CoilNight;
}

/** Frost left on the outdoor coil after a simulated night. */
export interface CoilNight {
  readonly defrosts: number;
  /** Defrosts that ran to their maximum time. */
  readonly capped: number;
  readonly frostLeftLb: number;
}

/** A number on a good system, with its spread. */
export const number = (value: number, spread: readonly [number, number] = [value, value]): Prediction => ({
  kind: 'number',
  value,
  spread,
});
/** One of two words. */
export const word = (is: boolean, yes: string, no: string): Prediction => ({ kind: 'word', word: is ? yes : no });

/** The question, and the state it is asked of. */
export interface Asked {
  readonly model: JobModel;
  readonly bench: Bench;
  readonly moment: Moment;
  readonly state: WiringState;
  readonly given: Given;
  readonly works: () => OperatingState;
}

/** One kind of observable. */
type Of<K extends Observable['kind']> = Extract<Observable, { readonly kind: K }>;

/** All that is known of one kind of observable: its key, and what it reads. */
export interface ObservableKind<K extends Observable['kind']> {
  /**
   * Key of a reading of it.
   * @param place first half of the key for a reading on the asked call
   */
  readonly key: (observable: Of<K>, place: string, facts: Facts) => string;
  /** The reading that the system as asked would give. */
  readonly read: (asked: Asked, observable: Of<K>) => Prediction;
}
