import { defrostAirF, defrostBanks } from '../balance/defrost-air';
import { balanceInput, jobBalance } from '../balance/from-job';
import { carriesDownToF } from '../balance/load';
import { lockoutsInForce } from '../control/lockouts';
import { backupOf } from '../job/backup';
import { type Bank, jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { banksWithCompressor } from '../job/interlocked-bank';
import { BTU_PER_KWH } from '../units/constants';
import { roundTo } from '../units/round';
import { sum } from '../units/sum';

/** One paragraph of the homeowner's page. */
export interface Paragraph {
  readonly title: string;
  readonly lines: readonly string[];
}

/** How far the backup alone holds the house, in words, from the load and the output of strips or furnace. */
const holdsWords = (facts: Facts, kW: number): string => {
  const { load, fuel } = balanceInput(facts);
  const heldF = Math.ceil(carriesDownToF(load, fuel ? fuel.outputBtuh : kW * BTU_PER_KWH));
  return heldF <= load.designOutdoorF
    ? `On its own it heats the house in the coldest weather the system was designed for, ${Math.round(load.designOutdoorF)} °F.`
    : `On its own it heats the house down to about ${heldF} °F outside. In deeper cold the rooms cool slowly: close off the rooms you do not need.`;
};

/** The homeowner page in plain words, from this house's facts. No trade terms except those on the thermostat. */
export const homeownerPage = (facts: Facts): Paragraph[] => {
  const { thermalBalanceF } = jobBalance(facts);
  const { auxAboveF, compressorBelowF } = lockoutsInForce(facts);
  const banks = jobBanks(facts);
  const hasStrips = banks.length > 0;
  const hasFurnace = backupOf(facts) === 'fossil';
  const helper = hasFurnace ? 'furnace' : 'electric heaters';
  const kWOf = (of: readonly Bank[]) => roundTo(sum(of.map((bank) => bank.kW)), 1);
  const [kW, besideKW] = [kWOf(banks), kWOf(banksWithCompressor(facts))];
  const balance = thermalBalanceF === null ? null : Math.round(thermalBalanceF);
  const defrostAir =
    defrostBanks(facts).length > 0 && defrostAirF(facts, facts.house.heatSetpointF) >= facts.house.heatSetpointF
      ? 'The air from the registers stays warm during that time.'
      : 'The air from the registers may be cool for those minutes.';
  return [
    {
      title: 'How it heats',
      lines: [
        'The heat pump brings heat in from outdoors. It runs long and gently, with warm rather than hot air, for hours on a cold day. That is how it saves you money.',
        ...(hasStrips && balance !== null
          ? [
              `Down to about ${balance} °F outside it heats the house alone. Below that, electric heaters in the air handler (${besideKW} kW) come on automatically to make up the rest.`,
            ]
          : []),
        ...(hasFurnace && balance !== null
          ? [
              `Down to about ${balance} °F outside it heats the house alone. Below that, or when it cannot keep up, the furnace takes over automatically.`,
            ]
          : []),
        ...(!hasStrips && !hasFurnace && balance !== null
          ? [`Down to about ${balance} °F outdoors it heats the house. Below that the house cools slowly.`]
          : []),
        ...(compressorBelowF === null
          ? []
          : [
              `Below ${compressorBelowF} °F outside the heat pump shuts off and the ${hasFurnace ? 'furnace heats' : 'electric heaters heat'} the house.`,
            ]),
        'Set a temperature and leave it. A big night setback brings on expensive backup heat in the morning.',
      ],
    },
    ...(hasStrips || hasFurnace
      ? [
          {
            title: 'What “auxiliary” means',
            lines: [
              `The thermostat shows it when it asks the ${helper} to help. That is normal on cold days and right after someone turns the temperature up.`,
              ...(auxAboveF === null
                ? []
                : [`Above ${auxAboveF} °F outside ${hasFurnace ? 'it stays' : 'they stay'} off to save money.`]),
              'If it shows for days in mild weather, call for service.',
            ],
          },
          {
            title: 'Emergency heat',
            lines: [
              'Use it only when the heat pump is not working: unusual noise, iced solid, or blowing cold for more than 15 minutes.',
              `It heats with the ${hasFurnace ? 'furnace alone' : `electric heaters alone, ${kW} kW`}. It is safe to leave on but expensive. Call for service right away, and switch back to Heat when it is fixed.`,
              holdsWords(facts, kW),
              ...(hasFurnace
                ? ['If you smell gas or oil: leave the house, do not touch any switch, and call from outside.']
                : []),
              'In a freeze, never heat with an oven, a grill or a generator indoors. If the house gets too cold for an infant or anyone elderly or ill, leave and call for help.',
            ],
          },
        ]
      : []),
    {
      title: 'What is normal',
      lines: [
        `In damp cold the outdoor unit stops its fan now and then, hisses and steams for a few minutes: it is melting frost off its coil. ${defrostAir}`,
        'Keep snow and leaves at least two feet away. Never pour water on it or chip ice off it.',
        'Change or wash the filter when it looks gray. Keep the registers open.',
      ],
    },
    {
      title: 'Service contact',
      lines: [
        facts.site.crew || 'The contractor who installed it.',
        'If you smell burning, or a breaker trips twice: leave it off and call.',
      ],
    },
  ];
};
