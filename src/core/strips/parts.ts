import { roundTo } from '../units/round';
import type { PartKind, Rung } from './ladder';

/** What a technician wants to know of a part: what for, how it fails, what it reads, what to beware of. */
export interface PartPanel {
  readonly title: string;
  readonly purpose: string;
  readonly fails: string;
  /** Power off, proven dead, one end lifted. */
  readonly cold: string;
  /** With the rung called and live. */
  readonly live: string;
  readonly caution: string;
}

const ISOLATE = 'Ohms only with every supply open, locked and proven dead.';

/** The panel of a part of a rung at a supply, V. */
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
        purpose:
          'Guards the conductor, and opens both legs at once: it is the only thing in the rung that makes it dead.',
        fails: 'Weak with age and heat; lugs loosen and scorch.',
        cold: 'Under 1 Ω a pole closed, OL open.',
        live: `${volts} between the legs on the load side; under 0.5 V across each closed pole. More is a burnt contact or lug.`,
        caution: 'Never upsize it to stop it tripping. A kit often has two: open, lock and prove dead every one.',
      };
    case 'link':
      return {
        title: `${name}: one-time link`,
        purpose: 'Opens for good when the limit has failed or the air stopped.',
        fails: 'Open: no heat from this element ever again, until it is replaced and the reason found.',
        cold: `Under 0.5 Ω good, OL blown. ${ISOLATE}`,
        live: `0 V across it good; ${volts} across it with the switch closed: blown.`,
        caution:
          'Never bridge it. Replace it with the same rating, and find out why the air or the limit failed first.',
      };
    case 'element':
      return {
        title: `${name}: ${rung.element.kW} kW`,
        purpose: 'The heat.',
        fails: 'Burns open at a sagging coil or a crimp; rarely sags against the frame.',
        cold: `${roundTo(rung.ohms, 1)} Ω by the plate, +11 / −5 %; OL is open; any reading to the frame is a ground. ${ISOLATE}`,
        live: `${volts} across it and ${roundTo(suppliedVolts / rung.ohms, 1)} A when it heats; ${volts} across it and 0 A is open.`,
        caution: 'Stays live from the other leg with its switch open.',
      };
    case 'limit':
      return {
        title: `${name}: limit`,
        purpose: 'Opens when the air is too hot, closes by itself when it has cooled.',
        fails: 'Trips on little air; after many trips it welds shut or stays open.',
        cold: `Under 0.5 Ω when cool, OL when hot or failed. ${ISOLATE}`,
        live: `0 V across it good; ${volts} across it with the switch closed: open. Cycling means too little air.`,
        caution: 'Never bypass it to make heat. Fix the airflow.',
      };
    case 'switch':
      return switching === 'sequencer'
        ? {
            title: `${name}: sequencer`,
            purpose: `A 24 V heater bends a disc that closes the line contact, ${rung.onS} s after the call; it opens ${rung.offS} s after the end.`,
            fails:
              'Contact burnt: volts across it though called. Welded: heat without a call. Heater open: never closes.',
            cold: `Heater coil some tens of ohms; contact OL at rest. ${ISOLATE}`,
            live: `Open: ${volts} across it. Closed: under 0.5 V. Not closed ${rung.onS * 2} s after the call: failed.`,
            caution: 'It switches one leg only: with it open, the element is still live from the other.',
          }
        : {
            title: `${name}: ${switching}`,
            purpose: `A 24 V coil closes the line contact at once${rung.onS > 0 ? `, ${rung.onS} s after the call` : ''}.`,
            fails:
              'Contact burnt: volts across it though called. Welded: heat without a call. Coil open: never closes.',
            cold: `Coil some ohms to some tens of ohms; contact OL at rest. ${ISOLATE}`,
            live: `Open: ${volts} across it. Closed: under 0.5 V.`,
            caution: 'Where it switches one leg only, the element is still live from the other with it open.',
          };
  }
};
