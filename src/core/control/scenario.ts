import { type ConditionId, CONDITIONS } from './conditions';

/**
 * One thing wrong in the wires, by its code: a conductor, jumper or coil open; a conductor loose; two that touch; a
 * contact that stays where it is; two conductors exchanged at a strip. Each kind names a wire, jumper, coil or contact
 * by its own name.
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

/** What is tried on a system: conditions from outside, and faults. */
export interface Scenario {
  readonly conditions: readonly ConditionId[];
  readonly faults: readonly FaultCode[];
}

/** Nothing wrong, nothing unusual. */
export const NO_FAULTS: Scenario = { conditions: [], faults: [] };

/** Whether anything is tried. */
export const hasNoFaults = ({ conditions, faults }: Scenario): boolean =>
  conditions.length === 0 && faults.length === 0;

/** A scenario of one condition. */
export const withCondition = (...conditions: readonly ConditionId[]): Scenario => ({ conditions, faults: [] });

/** A scenario of one fault. */
export const withFault = (...faults: readonly FaultCode[]): Scenario => ({ conditions: [], faults });

/** Parts of a code stand apart by this; no id holds it. */
const BETWEEN = '~';
/** Most parts of a code that are read, faults among them, and characters of each. */
const MOST_PARTS = 24;
const MOST_FAULTS = 8;
const MOST_LENGTH = 160;

/** A scenario as an address holds it: condition ids and fault codes, `~` between; empty where nothing is tried. */
export const scenarioCode = ({ conditions, faults }: Scenario): string => [...conditions, ...faults].join(BETWEEN);

/**
 * Reads a scenario's code; a part that is neither condition nor fault is left out. Whether a system has a fault is seen
 * where its wires are known.
 * @example
 * parseScenario('pan-full~open:thermostat-cable/yellow');
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
