import { kitRows } from '../../job/kit-rows';
import { elementAmps } from '../../strips/element';
import { jobBanks, jobElements } from '../../strips/from-job';
import { heldBank } from '../../strips/held-bank';
import { KIT_OVER, KIT_SHORT } from '../../strips/tolerance';
import { roundTo } from '../../units/round';
import { bankGroups } from '../../wiring/plan/bank-groups';
import { expectWithin } from '../expect';
import { kitVolts, type StartupContext } from '../given';
import type { Item, StartupStep } from '../step';
import { sequencerWait } from '../strip-volts';
import { testHot } from '../test-hot';
import { tick } from '../tick';

/** Amps of one bank alone, all of its elements at the volts read. */
const bankItem = (context: StartupContext, bank: number): Item => {
  const { facts } = context;
  const { volts } = kitVolts(context);
  const elements = jobElements(facts).filter((_, at) => kitRows(facts)[at]!.bank === bank);
  const amps = elements.reduce((sum, element) => sum + elementAmps(element, volts), 0);
  return {
    id: `bank-${bank}`,
    label: `Bank ${bank} alone, R to W${bank} at the board`,
    unit: 'A',
    expect: () =>
      expectWithin(
        amps,
        KIT_SHORT,
        KIT_OVER,
        `${elements.length} × element at ${roundTo(volts, 1)} V, the blower not in the clamp`,
      ),
    explain: (value, grade) =>
      grade === 'pass' || typeof value !== 'number'
        ? null
        : value < 1
          ? { means: 'This bank draws nothing.', next: 'Its switch, then ohms of its elements with the power off.' }
          : value < amps
            ? { means: 'Less than this bank.', next: 'Wait out the switch; then each element’s ohms, power off.' }
            : { means: 'More than this bank.', next: 'A jumper between W inputs, or the blower in the clamp.' },
  };
};

/** Whether its banks come by inputs of their own. */
const hasBanks = (facts: StartupContext['facts']) =>
  jobBanks(facts).length > 1 && facts.airHandler.wInputs.split('+').length >= jobBanks(facts).length;

/** What joins the W inputs, so that R on one would bring another's bank too; none where each stands alone. */
const joinsInputs = (facts: StartupContext['facts']): readonly string[] => [
  ...(bankGroups(facts).some((group) => group.banks.length > 1) ? ['the jumper between the W inputs'] : []),
  ...(heldBank(facts) === null ? [] : [`the strip interlock’s lead on W${heldBank(facts)}`]),
];

export const banks: StartupStep = {
  id: 'banks',
  title: 'Each bank alone',
  why: 'Together they hide one another. On a warm day the jumper proves the kit, and not the thermostat and its wire.',
  applies: hasBanks,
  build: (context) => ({
    cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'moving-blades'],
    how: [
      ...(joinsInputs(context.facts).length > 0
        ? [`Power off, take ${joinsInputs(context.facts).join(' and ')} off, power on: each bank is to come alone.`]
        : []),
      `Thermostat off. At the board’s terminal strip jumper ${testHot(context.facts)} to one W input at a time; the blower must come on with it.`,
      'Clamp one conductor of the kit’s own feed, blower not in it. Jumper out before the next.',
      'The other way, through the thermostat: an owner’s setting well above the room proves wire and thermostat as well.',
    ],
    call: 'off',
    waits: [sequencerWait(context.facts)],
    items: [
      ...jobBanks(context.facts).map(({ bank }) => bankItem(context, bank)),
      tick('jumper-out', 'Jumper out'),
      ...(joinsInputs(context.facts).length > 0
        ? [{ ...tick('joined-again', 'What was taken off the W inputs is back'), handsIn: 'indoor' as const }]
        : []),
    ],
  }),
};
