import { indoorId } from '../../devices';
import type { Facts } from '../../job/document';
import type { TerminalRef, WireColor } from '../harness';
import { type Draft, lead, type Run, run, terminal } from './draft';

/** Calls that an add-a-wire kit sends over one conductor, by thermostat terminal and the kit’s own mark. */
const inputOf = (mark: string): '1' | '2' | null => {
  if (mark === 'Y' || mark === 'Y1') return '1';
  return mark === 'G' ? '2' : null;
};

/** A call from the thermostat to its terminal: over its own conductor, or over an add-a-wire kit. */
export const thermostatCall = (
  { boxes }: Facts,
  mark: string,
  to: TerminalRef,
  colour: WireColor,
  carries: string,
): readonly Run[] => {
  const input = boxes.relayPair ? inputOf(mark) : null;
  return input === null
    ? [run('thermostat-cable', terminal('thermostat', mark), to, colour, carries)]
    : [
        lead('relay-pair-wall', input, terminal('thermostat', mark), colour, carries),
        lead('relay-pair-board', input, to, colour, carries),
      ];
};

/** What an add-a-wire kit needs besides its calls: the shared conductor, and the feed of its board half. */
export const planAddAWireKit = (facts: Facts): Draft => {
  if (!facts.boxes.relayPair) return {};
  const indoors = indoorId(facts);
  return {
    adds: ['relay-pair-wall', 'relay-pair-board'],
    runs: [
      run(
        'thermostat-cable',
        terminal('relay-pair-wall', 'P'),
        terminal('relay-pair-board', 'P'),
        'yellow',
        'compressor and blower on one conductor',
      ),
      lead('relay-pair-board', 'R', terminal(indoors, 'R'), 'red', 'hot'),
      lead('relay-pair-board', 'C', terminal(indoors, 'C'), 'blue', 'common'),
    ],
  };
};
