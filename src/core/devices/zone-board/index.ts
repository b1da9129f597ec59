import { backupOutputs } from '../../control/outputs';
import type { Facts } from '../../job/document';
import { type Coil, type Contact, type Device, device } from '../device';
import { compressorOutputs, valveOutput } from '../thermostat';

/** The board's electronics, VA. Our judgment. */
const BOARD_VA = 3;
/** One of its inputs, VA. Our judgment. */
const INPUT_VA = 0.5;

/** The thermostat calls that a zone board takes and passes on. */
export const zoneCalls = (facts: Facts): readonly string[] => {
  const { aux, secondAux, emergency } = backupOutputs(facts);
  return [...compressorOutputs(facts), valveOutput(facts), 'G', aux, secondAux, emergency].filter(
    (mark) => mark !== undefined,
  );
};

/** Where a call at a mark goes out. */
export const zoneOut = (mark: string): string => `${mark} out`;

const input = (mark: string): Coil => ({
  id: `zone board ${mark}`,
  label: `Zone board, ${mark} in`,
  from: mark,
  to: 'C',
  va: INPUT_VA,
  source: 'control',
  does: `Passes ${mark} on to the equipment.`,
});

const output = (mark: string): Contact => ({
  id: `zone board, out ${mark}`,
  label: `Zone board, R to ${zoneOut(mark)}`,
  from: 'R',
  to: zoneOut(mark),
  movedBy: { coil: `zone board ${mark}` },
  rests: 'open',
  openWhy: `No zone calls ${mark}, or the board has no power.`,
});

/**
 * A zone board between the first zone's thermostat and the equipment: each call is a load going in and a contact from R
 * going out. Its dampers count as all energized, the worst case.
 */
export const zoneBoard = (facts: Facts): Device => {
  const calls = zoneCalls(facts);
  return device('zone-board', 'indoors', {
    terminals: [
      { mark: 'R', carries: 'hot, from the equipment and to the zone’s thermostat' },
      { mark: 'C', carries: 'common, likewise' },
      ...calls.flatMap((mark) => [
        { mark, carries: `${mark} of the zone’s thermostat, in` },
        { mark: zoneOut(mark), carries: `${mark} to the equipment` },
      ]),
    ],
    coils: [
      {
        id: 'zone board',
        label: 'Zone board',
        from: 'R',
        to: 'C',
        va: BOARD_VA,
        source: 'control',
        does: 'Checks which zones are calling and drives their dampers.',
      },
      {
        id: 'zone dampers',
        label: 'Zone dampers',
        from: 'R',
        to: 'C',
        va: facts.boxes.zoneDampers * facts.boxes.damperVA,
        source: 'control',
        does: 'Keep the dampers of non-calling zones closed.',
      },
      ...calls.map(input),
    ],
    contacts: calls.map(output),
  });
};
