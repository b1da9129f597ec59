import { dialOf } from '../../balance/backup-need';
import type { Balance } from '../../balance/balance';
import { balanceInput } from '../../balance/from-job';
import { copAt } from '../../balance/heat-pump';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { FUEL_UNIT } from '../../units/constants';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import { choiceSetting, numberSetting, type Setting, type SetupContext, type Worked, worked } from '../setting';
import { outdoorThermostatDial, plainFact } from '../setting-fact';

/** Margin above the balance point in which backup may still help, for defrost and recovery, °F. */
const BALANCE_MARGIN_F = 5;

const within = (valueF: number, lowF: number, highF: number) => Math.min(highF, Math.max(lowF, Math.round(valueF)));

const THREE_WAYS =
  'Three sources: a wired sensor on S, S; a wireless sensor; or a weather service, which needs internet.';

const withoutSensor = ({ value }: SetupContext): string | null =>
  value('outdoor-source') === 'none'
    ? `The thermostat does not know the outdoor temperature, so it has no lockouts. ${THREE_WAYS}`
    : null;

const furnaceChangeover = ({ facts, crossing }: SetupContext): Worked => {
  const { thermalBalanceF, economicBalanceF } = crossing;
  const { changeover, changeoverF } = facts.schools;
  switch (changeover) {
    case 'fixed':
      return worked(changeoverF, `Chosen: a fixed changeover at ${changeoverF} °F.`);
    case 'staging':
      return worked(null, 'Chosen: by staging. The furnace takes over when the room falls below setpoint.');
    case 'thermal':
      return thermalBalanceF === null
        ? worked(
            null,
            'Chosen: the thermal balance point. The heat pump carries the house at every temperature, so there is no changeover.',
          )
        : worked(
            within(thermalBalanceF, -20, 60),
            `Chosen: the thermal balance point, ${roundTo(thermalBalanceF, 1)} °F. Below it the heat pump alone falls short.`,
          );
    case 'economic': {
      const prices = `At $${facts.prices.electricPerKWh} a kWh and $${facts.prices.fuelPerUnit} a ${FUEL_UNIT[facts.furnace.fuel]}`;
      if (economicBalanceF === 'always')
        return worked(
          60,
          `${prices} the furnace is cheaper at every temperature: use the compressor for cooling only.`,
        );
      if (economicBalanceF === 'never' || economicBalanceF === undefined)
        return worked(
          null,
          `${prices} the heat pump is cheaper at every temperature. The furnace takes over by staging where the heat pump falls short.`,
        );
      return worked(
        within(economicBalanceF, -20, 60),
        `${prices} the furnace is the cheaper heat below ${roundTo(economicBalanceF, 1)} °F.`,
        ...(thermalBalanceF !== null && thermalBalanceF > economicBalanceF
          ? [
              `Between there and ${roundTo(thermalBalanceF, 1)} °F the heat pump alone is short: staging must bring the furnace when the room falls behind.`,
            ]
          : []),
      );
    }
  }
};

const compressorWithStrips = ({ facts }: SetupContext): Worked => {
  const { compressorLockout, fixedCompressorBelowF } = facts.schools;
  if (compressorLockout === 'fixed')
    return worked(fixedCompressorBelowF, `Chosen: compressor locked out below ${fixedCompressorBelowF} °F.`);
  const { designOutdoorF } = facts.house;
  const cop = roundTo(copAt(balanceInput(facts).heatPump, designOutdoorF), 1);
  const limit = facts.outdoorUnit.minOutdoorF;
  if (limit !== null) return worked(null, `The unit cuts out below ${limit} °F; above that it is cheaper than strips.`);
  return cop > 1
    ? worked(
        null,
        `At design, ${designOutdoorF} °F, it still makes ${cop} times the heat of strips for the same electricity.`,
      )
    : worked(null, 'Chosen: runs down to the unit’s low-temperature cutoff.');
};

const balanceLockout = ({ facts, crossing }: SetupContext): Worked => {
  const { thermalBalanceF } = crossing;
  if (thermalBalanceF === null)
    return worked(
      facts.house.designOutdoorF,
      'The heat pump carries the house down to design: backup is for colder days only.',
    );
  const aboveF = within(Math.ceil(thermalBalanceF) + BALANCE_MARGIN_F, -10, 70);
  return worked(
    aboveF,
    `Above the balance point, ${roundTo(thermalBalanceF, 1)} °F, the heat pump carries the house alone.`,
    `${apartF(BALANCE_MARGIN_F)} added for defrost and setback recovery.`,
  );
};

const auxLockout = (context: SetupContext): Worked => {
  const { auxLockout: school, codeAuxAboveF } = context.facts.schools;
  if (school === 'none') return worked(null, 'Chosen: no lockout. Backup may run in any weather.');
  const wanted =
    school === 'code'
      ? worked(codeAuxAboveF, `Code or utility requires ${codeAuxAboveF} °F.`)
      : balanceLockout(context);
  const lockoutF = context.value('compressor-lockout');
  const limitF = context.facts.outdoorUnit.minOutdoorF;
  const below = [lockoutF, limitF].filter((each) => typeof each === 'number');
  if (below.length === 0) return wanted;
  const compressorF = Math.max(...below);
  const meetF = compressorF + context.facts.proof.lockoutPlayF;
  return meetF > (wanted.value as number)
    ? worked(
        Math.ceil(meetF),
        ...wanted.because,
        `Raised to ${Math.ceil(meetF)} °F: the compressor ${compressorF === lockoutF ? 'locks out' : 'cuts out'} below ${compressorF} °F, both lockouts have a differential, and something must heat the house there.`,
      )
    : wanted;
};

/** Lockouts calculated from a job's methods, °F; null: none. */
export const calculatedLockouts = (
  facts: Facts,
  crossing: Balance,
): { readonly compressorBelowF: number | null; readonly auxAboveF: number | null } => {
  const context = { facts, crossing, value: () => null };
  const compressor = backupOf(facts) === 'fossil' ? furnaceChangeover(context) : compressorWithStrips(context);
  const aux = auxLockout({ ...context, value: (id) => (id === 'compressor-lockout' ? compressor.value : null) });
  return { compressorBelowF: compressor.value as number | null, auxAboveF: aux.value as number | null };
};

/** Sensor for a lockout: wired if the thermostat has S, S terminals. */
export const sensorFor = ({ thermostat }: Facts): 'wired' | 'wireless' =>
  thermostat.hasSensorTerminals ? 'wired' : 'wireless';

const dial = (number: 1 | 2 | 3): Setting =>
  numberSetting({
    id: `outdoor-thermostat-${number}`,
    label: `Outdoor thermostat ${number} setting`,
    on: [],
    meaning: 'Dial setting of the outdoor thermostat in that bank’s AUX circuit.',
    decidedBy: 'The temperature below which the bank is needed.',
    usual: 35,
    unit: '°F',
    min: -20,
    max: 60,
    fact: outdoorThermostatDial(number),
    absent: ({ facts }) =>
      backupOf(facts) === 'strips' && facts.gates.outdoorThermostats.length >= number
        ? null
        : `There is no outdoor thermostat ${number}.`,
    work: ({ facts, crossing }) => {
      const { bank } = facts.gates.outdoorThermostats[number - 1]!;
      const gateF = crossing.bankGatesF[Math.max(0, bank - 1)] ?? null;
      const name = bank === 0 ? 'The strips are' : `Bank ${bank} is`;
      if (gateF === null)
        return worked(
          within(facts.house.designOutdoorF, -20, 60),
          `${name} not needed down to design; for colder days only.`,
        );
      return worked(
        within(dialOf(gateF), -20, 60),
        `${name} needed below ${roundTo(gateF, 1)} °F.`,
        'Plus a few degrees for the switch differential.',
      );
    },
  });

/** Lockouts, and the source of the outdoor temperature. */
export const LOCKOUT_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'outdoor-source',
    label: 'Outdoor temperature from',
    on: ['thermostat'],
    meaning: 'Where the thermostat gets the outdoor temperature.',
    decidedBy: 'Whether you want a lockout; spare conductors; internet.',
    usual: 'none',
    options: [
      { value: 'none', label: 'Nothing' },
      { value: 'wired', label: 'Wired sensor' },
      { value: 'wireless', label: 'Wireless sensor' },
      { value: 'weather', label: 'Weather service' },
    ],
    fact: plainFact('thermostat.outdoorSensor', 'choice'),
    work: ({ facts }) => {
      const { auxLockout: aux, changeover, compressorLockout } = facts.schools;
      const isWanted =
        aux !== 'none' ||
        (backupOf(facts) === 'fossil' ? changeover !== 'staging' : compressorLockout === 'fixed') ||
        facts.gates.compressorBelowF !== null ||
        facts.gates.auxAboveF !== null;
      if (!isWanted) return worked('none', 'No lockout chosen, so none needed.');
      const wanted = 'A lockout is chosen, and lockouts need the outdoor temperature.';
      return sensorFor(facts) === 'wired'
        ? worked('wired', wanted, 'The thermostat has S, S: a wired sensor needs no battery and no network.')
        : worked(
            'wireless',
            wanted,
            'The thermostat has no sensor terminals.',
            ...(facts.talk.tenants ? ['Tenants change internet service: do not rely on a weather service.'] : []),
          );
    },
  }),
  numberSetting({
    id: 'compressor-lockout',
    label: 'Compressor locked out below',
    on: ['thermostat', 'outdoor'],
    meaning:
      'Below this the compressor is not called and backup becomes first stage. In dual fuel this is the changeover.',
    decidedBy: 'With strips: the unit’s low-temperature cutoff. With a furnace: the balance point, or staging.',
    after: ['outdoor-source'],
    usual: null,
    unit: '°F',
    min: -20,
    max: 60,
    none: 'no lockout',
    fact: plainFact('gates.compressorBelowF', 'choice'),
    absent: withoutSensor,
    work: (context) =>
      backupOf(context.facts) === 'fossil' ? furnaceChangeover(context) : compressorWithStrips(context),
  }),
  numberSetting({
    id: 'aux-lockout',
    label: 'Backup locked out above',
    on: ['thermostat', 'indoor'],
    meaning: 'Above this, backup is not called. It does not lock out emergency heat.',
    decidedBy: 'The thermal balance point, or what code or utility asks.',
    after: ['outdoor-source', 'compressor-lockout', 'backup-source'],
    usual: null,
    unit: '°F',
    min: -10,
    max: 70,
    none: 'no lockout',
    fact: plainFact('gates.auxAboveF', 'choice'),
    absent: (context) =>
      context.value('backup-source') === 'none' ? 'No backup heat on this job.' : withoutSensor(context),
    work: auxLockout,
  }),
  dial(1),
  dial(2),
  dial(3),
  choiceSetting({
    id: 'outdoor-sensor-use',
    label: 'Outdoor sensor used for',
    on: ['thermostat'],
    meaning: 'Display only, lockouts only, or both. If display only, no lockout works.',
    decidedBy: 'Whether any lockout is set.',
    after: ['outdoor-source', 'compressor-lockout', 'aux-lockout'],
    usual: 'both',
    options: [
      { value: 'display', label: 'The display alone' },
      { value: 'control', label: 'Lockouts alone' },
      { value: 'both', label: 'Lockouts and display' },
    ],
    absent: ({ value }) =>
      value('outdoor-source') === 'none' ? 'The thermostat does not know the outdoor temperature.' : null,
    work: ({ value }) =>
      value('compressor-lockout') !== null || value('aux-lockout') !== null
        ? worked('both', 'A lockout depends on it. Displaying it too lets you spot a bad sensor.')
        : worked('both', 'No lockout set yet; one added later will work right away.'),
  }),
  numberSetting({
    id: 'low-ambient-cut-out',
    label: 'Outdoor unit low-temperature cutoff',
    on: ['outdoor'],
    meaning: 'Some boards stop the compressor in deep cold by themselves, whatever the thermostat calls.',
    decidedBy:
      'The manufacturer’s limit. The thermostat does not know about it, so backup must come on by droop, time or lockout.',
    usual: null,
    unit: '°F',
    min: -40,
    max: 45,
    none: 'never',
    fact: plainFact('outdoorUnit.minOutdoorF', 'choice'),
    work: ({ facts: { outdoorUnit } }) =>
      outdoorUnit.minOutdoorF === null
        ? worked(null, 'No cutoff is entered on the Survey.')
        : worked(
            outdoorUnit.minOutdoorF,
            `The unit’s low-temperature cutoff on the Survey, ${outdoorUnit.minOutdoorF} °F.`,
          ),
  }),
];
