import { indoorId, outdoorId } from '../../devices';
import { compressorMarks } from '../../devices/board/indoor-strip';
import type { DeviceId } from '../../devices/device';
import { compressorOutputs, valveOutput } from '../../devices/thermostat';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { TerminalRef } from '../harness';
import { type Draft, jumper, lead, type Run, run, terminal, together } from './draft';
import { thermostatCall } from './thermostat-call';

/**
 * Devices in Y between the indoor terminal and the outdoor unit: device, in, out. A packaged unit keeps compressor and
 * burner apart internally.
 */
const inY = ({ system, furnace, boxes }: Facts): readonly (readonly [DeviceId, string, string])[] => [
  ...(system.floatSwitch === 'Y' ? [['float-switch', '1', '2'] as const] : []),
  ...(boxes.loadControl === 'Y' ? [['load-control', '1', '2'] as const] : []),
  ...(backupOf({ system }) === 'fossil' && system.cabinet === 'split' && furnace.interlock !== 'none'
    ? [['interlock', 'Y-in', 'Y-out'] as const]
    : []),
];

/** The terminal that calls the outdoor unit: after everything in Y. */
export const callsOutdoorUnit = (facts: Facts): TerminalRef => {
  const indoors = indoorId(facts);
  const last = indoors === outdoorId(facts) ? undefined : inY(facts).at(-1);
  return last ? terminal(last[0], last[2]) : terminal(indoors, compressorMarks(facts)[0]!);
};

const firstStage = (facts: Facts): Draft => {
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const [out] = compressorOutputs(facts);
  const [mark] = compressorMarks(facts);
  const switches = inY(facts);
  const adds = switches.map(([device]) => device);
  const carries = 'compressor';
  if (indoors === outdoors) {
    // Packaged unit: devices in Y come before its terminal, one after the other.
    const ways = [...switches.map(([device, into]) => terminal(device, into)), terminal(indoors, mark!)];
    return {
      adds,
      runs: [
        ...thermostatCall(facts, out!, ways[0]!, 'yellow', carries),
        ...switches.map(([device, , outOf], at) => lead(device, outOf, ways[at + 1]!, 'yellow', carries)),
      ],
    };
  }
  const leads: Run[] = [];
  let at = terminal(indoors, mark!);
  for (const [device, into, outOf] of switches) {
    leads.push(lead(device, into, at, 'yellow', 'compressor, to the switch'));
    at = terminal(device, outOf);
  }
  return {
    adds,
    runs: [
      ...thermostatCall(facts, out!, terminal(indoors, mark!), 'yellow', carries),
      ...leads,
      run('outdoor-cable', at, terminal(outdoors, mark!), 'yellow', carries),
    ],
  };
};

const secondStage = (facts: Facts): Draft => {
  const [first, second] = compressorMarks(facts);
  const [, out] = compressorOutputs(facts);
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  if (second && out)
    return {
      runs: [
        run(
          'thermostat-cable',
          terminal('thermostat', out),
          terminal(indoors, second),
          'brown',
          'compressor, second stage',
        ),
        ...(indoors === outdoors
          ? []
          : [
              run(
                'outdoor-cable',
                terminal(indoors, second),
                terminal(outdoors, second),
                'brown',
                'compressor, second stage',
              ),
            ]),
      ],
    };
  if (second)
    return {
      jumpers: [
        jumper(outdoors, first!, second, 'The thermostat has one compressor output: both stages come on together.'),
      ],
    };
  if (out) return { notes: [`Thermostat ${out} stays open: the outdoor unit has one compressor input.`] };
  return {};
};

const valve = (facts: Facts): Draft => {
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const mark = facts.outdoorUnit.reversingValve;
  const out = valveOutput(facts);
  return {
    runs: [
      run('thermostat-cable', terminal('thermostat', out), terminal(indoors, mark), 'orange', 'reversing valve'),
      ...(indoors === outdoors
        ? []
        : [run('outdoor-cable', terminal(indoors, mark), terminal(outdoors, mark), 'orange', 'reversing valve')]),
    ],
    notes:
      facts.thermostat.valveTerminals === 'O+B'
        ? [
            `Thermostat ${mark === 'O' ? 'B' : 'O'} stays open: it is hot in ${mark === 'O' ? 'heating' : 'cooling'}${mark === 'O' ? ', and never the common' : ''}.`,
          ]
        : [],
  };
};

/** The blower call: its own conductor, or joined to Y at the indoor unit. */
const fan = (facts: Facts): Draft => {
  const indoors = indoorId(facts);
  if (!facts.boxes.yBringsBlower)
    return { runs: thermostatCall(facts, 'G', terminal(indoors, 'G'), 'green', 'blower') };
  const [first] = compressorMarks(facts);
  return {
    jumpers: [jumper(indoors, first!, 'G', 'One conductor calls compressor and blower: the cable has no other for G.')],
    notes: ['Thermostat G stays open: the blower comes with the compressor, and heat starts it by itself.'],
  };
};

/** Compressor, valve and blower. */
export const planCompressor = (facts: Facts): Draft =>
  together(firstStage(facts), secondStage(facts), valve(facts), fan(facts));
