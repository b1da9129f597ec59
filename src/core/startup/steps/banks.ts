import { jobBanks } from '../../job/banks';
import { interlockedBank } from '../../job/interlocked-bank';
import { kitRows } from '../../job/kit-rows';
import { elementAmps } from '../../strips/element';
import { jobElements } from '../../strips/from-job';
import { KIT_OVER, KIT_SHORT } from '../../strips/tolerance';
import { roundTo } from '../../units/round';
import { bankGroups } from '../../wiring/plan/bank-groups';
import { expectWithin } from '../expect';
import { kitVolts, type StartupContext } from '../given';
import type { Item, StartupStep } from '../step';
import { sequencerWait } from '../strip-volts';
import { testHot } from '../test-hot';
import { tick } from '../tick';

/** Amps of one bank with all its elements at the measured volts. */
const bankItem = (context: StartupContext, bank: number): Item => {
  const { facts } = context;
  const { volts } = kitVolts(context);
  const elements = jobElements(facts).filter((_, at) => kitRows(facts)[at]!.bank === bank);
  const amps = elements.reduce((sum, element) => sum + elementAmps(element, volts), 0);
  return {
    id: `bank-${bank}`,
    label: `Bank ${bank} only, R jumpered to W${bank} at the board`,
    unit: 'A',
    expect: () =>
      expectWithin(
        amps,
        KIT_SHORT,
        KIT_OVER,
        `${elements.length} elements at ${roundTo(volts, 1)} V, blower not in the clamp`,
      ),
    explain: (value, grade) =>
      grade === 'pass' || typeof value !== 'number'
        ? null
        : value < 1
          ? {
              means: 'This bank draws nothing.',
              next: 'Check its sequencer or relay; then ohm its elements, power off.',
            }
          : value < amps
            ? { means: 'Below this bank’s amps.', next: 'Wait for the sequencer; then ohm each element, power off.' }
            : { means: 'Above this bank’s amps.', next: 'A jumper between W inputs, or the blower in the clamp.' },
  };
};

/** Whether its banks have separate inputs. */
const hasBanks = (facts: StartupContext['facts']) =>
  jobBanks(facts).length > 1 && facts.airHandler.wInputs.split('+').length >= jobBanks(facts).length;

/** What joins the W inputs, so that R on one turns on another bank too; none if each is separate. */
const joinsInputs = (facts: StartupContext['facts']): readonly string[] => [
  ...(bankGroups(facts).some((group) => group.banks.length > 1) ? ['the jumper between the W inputs'] : []),
  ...(interlockedBank(facts) === null ? [] : [`the strip interlock’s lead on W${interlockedBank(facts)}`]),
];

export const banks: StartupStep = {
  id: 'banks',
  title: 'Each bank by itself',
  why: 'Run together, banks hide each other’s faults. On a warm day a jumper tests the kit but not the thermostat or its wire.',
  applies: hasBanks,
  build: (context) => ({
    cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'moving-blades'],
    how: [
      ...(joinsInputs(context.facts).length > 0
        ? [
            `Power off, remove ${joinsInputs(context.facts).join(' and ')}, power on: each bank should come on by itself.`,
          ]
        : []),
      `Thermostat off. At the board’s terminal strip jumper ${testHot(context.facts)} to one W input at a time; the blower must come on with it.`,
      'Clamp one conductor of the kit feed, blower not in it. Remove the jumper before the next bank.',
      'Or use the thermostat: a setpoint well above room temperature tests the wire and thermostat too.',
    ],
    call: 'off',
    waits: [sequencerWait(context.facts)],
    items: [
      ...jobBanks(context.facts).map(({ bank }) => bankItem(context, bank)),
      tick('jumper-out', 'Jumper out'),
      ...(joinsInputs(context.facts).length > 0
        ? [{ ...tick('joined-again', 'W jumpers and wires back in place'), handsIn: 'indoor' as const }]
        : []),
    ],
  }),
};
