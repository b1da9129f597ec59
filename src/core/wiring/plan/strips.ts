import { backupOutputs } from '../../control/outputs';
import { indoorId, outdoorId } from '../../devices';
import type { Facts } from '../../job/document';
import type { CableId, Jumper, TerminalRef } from '../harness';
import { type BankGroup, bankGroups } from './bank-groups';
import { callsOutdoorUnit } from './compressor';
import { type Draft, jumper, lead, type Run, run, terminal, together } from './draft';

const input = (bank: number) => `W${bank}`;

/** Splice of a call in the cabinet; never named like a heat input, which a thermostat’s W2 may resemble. */
const spliceOf = (facts: Facts, output: string) => (output === backupOutputs(facts).aux ? 'AUX' : 'AUX2');

/** Whether the first banks' call passes through the outdoor board, from W-in to W-out. */
const goesThroughBoard = ({ outdoorUnit, system }: Facts): boolean =>
  system.cabinet === 'split' && outdoorUnit.wTerminals === 'W-in+W-out' && outdoorUnit.stripsInDefrost;

/** Splice of a bank call that passes both its outdoor thermostat and the strip interlock. */
const HELD_SPLICE = 'W held';

/** The relay that locks out a bank while the compressor is called: from the arriving call to its input. */
const stripInterlock = (facts: Facts, from: TerminalRef, to: TerminalRef): readonly Run[] => [
  lead('strip-interlock', 'Y', callsOutdoorUnit(facts), 'yellow', 'compressor called'),
  lead('strip-interlock', 'C', terminal(indoorId(facts), 'C'), 'blue', 'common'),
  lead('strip-interlock', 'W-in', from, 'white', 'auxiliary heat, interlocked with the compressor'),
  lead('strip-interlock', 'W-out', to, 'white', 'auxiliary heat, let through'),
];

/** The cable with the outdoor thermostats' conductors. */
const switchCable = ({ system, gates }: Facts): CableId =>
  system.cabinet === 'packaged'
    ? 'leads-outdoor-thermostats'
    : gates.outdoorThermostatsAt === 'beside'
      ? 'switch-cable'
      : 'outdoor-cable';

/** Auxiliary heat: from each output to its banks, through outdoor thermostats and outdoor board as needed. */
const auxiliary = (facts: Facts, groups: readonly BankGroup[]): Draft => {
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const cable = switchCable(facts);
  const throughBoard = goesThroughBoard(facts);
  const runs: Run[] = [];
  const jumpers: Jumper[] = [];
  for (const output of new Set(groups.flatMap((group) => group.output ?? []))) {
    const ofOutput = groups.filter((group) => group.output === output);
    const direct = ofOutput.find(
      (group) => !group.isHeld && group.outdoorThermostat === null && !(throughBoard && group === groups[0]),
    );
    const landsAt: TerminalRef = terminal(indoors, direct ? input(direct.banks[0]!) : spliceOf(facts, output));
    runs.push(run('thermostat-cable', terminal('thermostat', output), landsAt, 'white', 'auxiliary heat'));
    let fedThermostat: string | null = null;
    for (const group of ofOutput) {
      if (group === direct) continue;
      const number = group.outdoorThermostat;
      const ownInput = terminal(indoors, input(group.banks[0]!));
      if (group.isHeld) {
        const beside = ofOutput.find((other) => !other.isHeld && other.outdoorThermostat === number);
        const open = number === null ? landsAt : terminal(indoors, HELD_SPLICE);
        runs.push(...stripInterlock(facts, beside ? terminal(indoors, input(beside.banks[0]!)) : open, ownInput));
        if (beside || number === null) continue;
      }
      const bankInput = group.isHeld ? terminal(indoors, HELD_SPLICE) : ownInput;
      const isThroughBoard = throughBoard && group === groups[0];
      if (number !== null) {
        const into = `${number} in`;
        if (fedThermostat)
          jumpers.push(
            jumper('outdoor-thermostats', fedThermostat, into, 'One auxiliary call feeds both outdoor thermostats.'),
          );
        else
          runs.push(
            run(
              cable,
              landsAt,
              terminal('outdoor-thermostats', into),
              'brown',
              'auxiliary heat, to the outdoor thermostat',
            ),
          );
        fedThermostat = into;
        const out = terminal('outdoor-thermostats', `${number} out`);
        if (isThroughBoard)
          runs.push(
            lead(
              'outdoor-thermostats',
              `${number} out`,
              terminal(outdoors, 'W-in'),
              'brown',
              'auxiliary heat, to the board',
            ),
          );
        else runs.push(run(cable, bankInput, out, 'black', 'auxiliary heat, when cold'));
      } else
        runs.push(run('outdoor-cable', landsAt, terminal(outdoors, 'W-in'), 'brown', 'auxiliary heat, to the board'));
    }
  }
  return {
    runs,
    jumpers: [
      ...jumpers,
      ...groups.flatMap(({ banks, outdoorThermostat }) =>
        banks
          .slice(1)
          .map((bank, at) =>
            jumper(
              indoors,
              input(banks[at]!),
              input(bank),
              outdoorThermostat === null
                ? 'The thermostat has one auxiliary output for them, and the kit needs every input for all of its heat.'
                : 'One outdoor thermostat controls both banks.',
            ),
          ),
      ),
    ],
    adds: [
      ...(groups.some(({ outdoorThermostat }) => outdoorThermostat !== null) ? (['outdoor-thermostats'] as const) : []),
      ...(groups.some(({ isHeld }) => isHeld) ? (['strip-interlock'] as const) : []),
    ],
  };
};

/** Emergency heat: never through an outdoor thermostat. */
const emergency = (facts: Facts, groups: readonly BankGroup[]): Draft => {
  const { aux, emergency: out } = backupOutputs(facts);
  const indoors = indoorId(facts);
  if (!out || !aux) return {};
  const isGated = groups.some(({ outdoorThermostat }) => outdoorThermostat !== null);
  if (!isGated && !goesThroughBoard(facts))
    return { jumpers: [jumper('thermostat', aux, out, 'One electric source serves auxiliary and emergency heat.')] };
  if (!isGated || groups.length === 1)
    return {
      runs: [
        run(
          'thermostat-cable',
          terminal('thermostat', out),
          terminal(indoors, input(groups[0]!.banks[0]!)),
          'black',
          'emergency heat',
        ),
      ],
    };
  return {
    adds: ['emergency-relay'],
    runs: [
      run('thermostat-cable', terminal('thermostat', out), terminal('emergency-relay', 'E'), 'black', 'emergency heat'),
      lead('emergency-relay', 'R', terminal(indoors, 'R'), 'red', 'hot'),
      lead('emergency-relay', 'C', terminal(indoors, 'C'), 'blue', 'common'),
      ...groups.flatMap(({ banks }) => [
        lead('emergency-relay', input(banks[0]!), terminal(indoors, input(banks[0]!)), 'black', 'emergency heat'),
      ]),
    ],
  };
};

/** Strips in defrost: the board's output to the first bank. */
const defrost = (facts: Facts, groups: readonly BankGroup[]): Draft => {
  const { wTerminals, stripsInDefrost } = facts.outdoorUnit;
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  if (indoors === outdoors) return {};
  if (wTerminals === 'none')
    return stripsInDefrost
      ? { notes: ['The outdoor board has no W-out: nothing turns on the strips in defrost.'] }
      : {};
  if (!stripsInDefrost)
    return {
      notes: [
        `Outdoor ${wTerminals === 'W-out' ? 'W-out stays' : 'W-in and W-out stay'} open: defrost runs without strips.`,
      ],
    };
  return {
    runs: [
      run(
        'outdoor-cable',
        terminal(indoors, input(groups[0]!.banks[0]!)),
        terminal(outdoors, 'W-out'),
        'white',
        'strips during defrost',
      ),
    ],
  };
};

/** Electric backup from every output that calls it. */
export const planStrips = (facts: Facts): Draft => {
  const groups = bankGroups(facts);
  if (groups.length === 0) return { notes: ['No electric kit: the heat terminals stay open.'] };
  const { aux, emergency: out } = backupOutputs(facts);
  return together(auxiliary(facts, groups), emergency(facts, groups), defrost(facts, groups), {
    notes:
      aux && !out && facts.thermostat.heatTerminals === 'W2'
        ? [`Emergency heat uses ${aux} too: it has no terminal of its own.`]
        : [],
  });
};
