import { roundTo } from '../units/round';
import type { PartKind, Rung } from './ladder';

/** Information on a part: purpose, failures, readings, cautions. */
export interface PartPanel {
  readonly title: string;
  readonly purpose: string;
  readonly fails: string;
  /** Power off, verified dead, one end lifted. */
  readonly cold: string;
  /** With the rung called and live. */
  readonly live: string;
  readonly caution: string;
}

const ISOLATE = 'Ohms only with every supply open, locked out and verified dead.';

/** The panel of a rung's part at a supply, V. */
export const partPanel = (
  kind: PartKind,
  rung: Rung,
  suppliedVolts: number,
  switching: 'sequencer' | 'relay' | 'contactor',
): PartPanel => {
  const volts = `${roundTo(suppliedVolts, 0)} V`;
  const name = `Element ${rung.at + 1}`;
  switch (kind) {
    case 'breaker':
      return {
        title: `${name}: breaker`,
        purpose: 'Protects the wire and opens both legs: it is the only thing that kills this element circuit.',
        fails: 'Weakens with age and heat; lugs loosen and burn.',
        cold: 'Each pole: under 1 Ω closed, OL open.',
        live: `${volts} between the legs on the load side; under 0.5 V across each closed pole. More is a burned contact or lug.`,
        caution: 'Never upsize it to stop it tripping. A kit often has two: open, lock out and verify every one dead.',
      };
    case 'link':
      return {
        title: `${name}: fusible link`,
        purpose: 'Opens permanently when the limit fails or airflow stops.',
        fails: 'Open: no heat from this element until the cause is found and the link replaced.',
        cold: `Under 0.5 Ω good, OL blown. ${ISOLATE}`,
        live: `0 V across it good; ${volts} across it with the switch closed: blown.`,
        caution: 'Never jumper it. First find out why airflow or the limit failed; then replace with the same rating.',
      };
    case 'element':
      return {
        title: `${name}: ${rung.element.kW} kW`,
        purpose: 'The heat.',
        fails: 'Burns open where it sags or at a crimp; sometimes sags into the frame.',
        cold: `${roundTo(rung.ohms, 1)} Ω by the plate, +11/−5 %; OL is open; any reading to the frame is a grounded element. ${ISOLATE}`,
        live: `${volts} across it and ${roundTo(suppliedVolts / rung.ohms, 1)} A when it heats; ${volts} across it and 0 A is open.`,
        caution: 'Still live from the other leg when the sequencer is open.',
      };
    case 'limit':
      return {
        title: `${name}: limit`,
        purpose: 'Opens when the air is too hot, resets automatically when it has cooled.',
        fails: 'Trips on low airflow; after many trips it welds closed or stays open.',
        cold: `Under 0.5 Ω when cool, OL when hot or failed. ${ISOLATE}`,
        live: `0 V across it: good; ${volts} V across it with the sequencer closed: open. Cycling means low airflow.`,
        caution: 'Never bypass it to make heat. Fix the airflow.',
      };
    case 'switch':
      return switching === 'sequencer'
        ? {
            title: `${name}: sequencer`,
            purpose: `A 24 V heater warps a bimetal disc that closes the line-voltage contact, ${rung.onS} s after the call; it opens ${rung.offS} s after the call ends.`,
            fails: 'Burned contact: voltage across it on a call. Welded: heat with no call. Heater open: never closes.',
            cold: `Heater: tens of ohms; contact: OL with no call. ${ISOLATE}`,
            live: `Open: ${volts} across it. Closed: under 0.5 V. Not closed ${rung.onS * 2} s after the call: failed.`,
            caution: 'It breaks only one leg: when it is open the element is still live from the other leg.',
          }
        : {
            title: `${name}: ${switching}`,
            purpose: `A 24 V coil closes the line contact right away${rung.onS > 0 ? `, ${rung.onS} s after the call` : ''}.`,
            fails: 'Burned contact: voltage across it on a call. Welded: heat with no call. Coil open: never closes.',
            cold: `Coil: a few ohms to tens of ohms; contact: OL with no call. ${ISOLATE}`,
            live: `Open: ${volts} across it. Closed: under 0.5 V.`,
            caution: 'If it breaks only one leg, the element is still live from the other leg when it is open.',
          };
  }
};
