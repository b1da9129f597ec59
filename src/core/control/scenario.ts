import { type ConditionId, CONDITIONS } from './conditions';

/**
 * One wiring fault by its code: an open conductor, jumper or coil; a loose conductor; two that touch; a stuck contact;
 * two conductors swapped at a terminal strip. Each kind names a wire, jumper, coil or contact.
 */
export type FaultCode =
  | `open:${string}`
  | `loose:${string}`
  | `short:${string}`
  | `stuck-open:${string}`
  | `stuck-closed:${string}`
  | `swap:${string}`;

const isFaultCode = (code: string): code is FaultCode =>
  /^(open|loose|short|stuck-open|stuck-closed|swap):./.test(code);

/** What is simulated on a system: outside conditions and faults. */
export interface Scenario {
  readonly conditions: readonly ConditionId[];
  readonly faults: readonly FaultCode[];
}

/** No faults and no conditions. */
export const NO_FAULTS: Scenario = { conditions: [], faults: [] };

/** Whether anything is simulated. */
export const hasNoFaults = ({ conditions, faults }: Scenario): boolean =>
  conditions.length === 0 && faults.length === 0;

/** A scenario of one condition. */
export const withCondition = (...conditions: readonly ConditionId[]): Scenario => ({ conditions, faults: [] });

/** A scenario of one fault. */
export const withFault = (...faults: readonly FaultCode[]): Scenario => ({ conditions: [], faults });

/** Separator of the parts of a code; no id contains it. */
const BETWEEN = '~';
/** Maximum number of parts in a code, faults among them, and characters of each. */
const MOST_PARTS = 24;
const MOST_FAULTS = 8;
const MOST_LENGTH = 160;

/** A scenario in an address: condition ids and fault codes joined by `~`; empty for none. */
export const scenarioCode = ({ conditions, faults }: Scenario): string => [...conditions, ...faults].join(BETWEEN);

/**
 * Parses a scenario code; unknown parts are dropped. Whether a system has a fault is known only with its wires.
 * @example parseScenario('pan-full~open:thermostat-cable/yellow');
 */
export const parseScenario = (code: string | null | undefined): Scenario => {
  const parts = (code ?? '')
    .split(BETWEEN)
    .filter((part) => part.length <= MOST_LENGTH)
    .slice(0, MOST_PARTS);
  return {
    conditions: CONDITIONS.map(({ id }) => id).filter((id) => parts.includes(id)),
    faults: parts.filter(isFaultCode).slice(0, MOST_FAULTS),
  };
};
