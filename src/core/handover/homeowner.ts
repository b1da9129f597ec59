import { defrostAirF, defrostBanks } from '../balance/defrost-air';
import { crossingInput, jobCrossing } from '../balance/from-job';
import { heldDownToF } from '../balance/load';
import { lockoutsInForce } from '../control/lockouts';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { type Bank, jobBanks } from '../strips/from-job';
import { banksBesideCompressor } from '../strips/held-bank';
import { BTU_PER_KWH } from '../units/constants';
import { roundTo } from '../units/round';
import { sum } from '../units/sum';

/** One paragraph of the homeowner's page. */
export interface Paragraph {
  readonly title: string;
  readonly lines: readonly string[];
}

/** How far the backup by itself holds the house, in words, from the load and what strips or furnace give. */
const holdsWords = (facts: Facts, kW: number): string => {
  const { load, fuel } = crossingInput(facts);
  const heldF = Math.ceil(heldDownToF(load, fuel ? fuel.outputBtuh : kW * BTU_PER_KWH));
  return heldF <= load.designOutdoorF
    ? `By itself it holds the house in the coldest weather that is planned for here, ${Math.round(load.designOutdoorF)} °F.`
    : `By itself it holds the house down to about ${heldF} °F outdoors. In deeper cold the rooms cool slowly: close off what you do not need.`;
};

/** The homeowner's page in plain words, from this house's facts. No shop terms beyond those on the thermostat. */
export const homeownerPage = (facts: Facts): Paragraph[] => {
  const { thermalBalanceF } = jobCrossing(facts);
  const { auxAboveF, compressorBelowF } = lockoutsInForce(facts);
  const banks = jobBanks(facts);
  const hasStrips = banks.length > 0;
  const hasFurnace = backupOf(facts) === 'fossil';
  const helper = hasFurnace ? 'furnace' : 'electric heaters';
  const kWOf = (of: readonly Bank[]) => roundTo(sum(of.map((bank) => bank.kW)), 1);
  const [kW, besideKW] = [kWOf(banks), kWOf(banksBesideCompressor(facts))];
  const balance = thermalBalanceF === null ? null : Math.round(thermalBalanceF);
  const defrostAir =
    defrostBanks(facts).length > 0 && defrostAirF(facts, facts.house.heatSetpointF) >= facts.house.heatSetpointF
      ? 'The air stays warm meanwhile.'
      : 'The air may be cool for those minutes.';
  return [
    {
      title: 'How it heats',
      lines: [
        'The heat pump brings heat in from outdoors. It runs long and gently: warm air rather than hot, for hours on a cold day. That is how it saves.',
        ...(hasStrips && balance !== null
          ? [
              `Down to about ${balance} °F outdoors it heats the house alone. Below that, electric heaters in the air handler (${besideKW} kW) make up the rest by themselves.`,
            ]
          : []),
        ...(hasFurnace && balance !== null
          ? [
              `Down to about ${balance} °F outdoors it heats the house alone. Below that, or when it cannot keep up, the furnace takes over by itself.`,
            ]
          : []),
        ...(!hasStrips && !hasFurnace && balance !== null
          ? [`Down to about ${balance} °F outdoors it heats the house. Below that the house cools slowly.`]
          : []),
        ...(compressorBelowF === null
          ? []
          : [
              `Below ${compressorBelowF} °F outdoors the heat pump rests and the ${hasFurnace ? 'furnace carries' : 'heaters carry'} the house.`,
            ]),
        'Set a temperature and leave it. Large setbacks at night bring the backup heat on in the morning.',
      ],
    },
    ...(hasStrips || hasFurnace
      ? [
          {
            title: 'What “auxiliary” means',
            lines: [
              `The thermostat shows it when it asks the ${helper} to help. On cold days, and just after the temperature was raised, that is normal.`,
              ...(auxAboveF === null
                ? []
                : [`Above ${auxAboveF} °F outdoors ${hasFurnace ? 'it is' : 'they are'} kept off to save money.`]),
              'If it shows for days in mild weather, call.',
            ],
          },
          {
            title: 'Emergency heat',
            lines: [
              'Switch to it only when the heat pump does not work: it makes noise, is iced solid, or blows cold for more than a quarter of an hour.',
              `It heats with the ${hasFurnace ? 'furnace alone' : `electric heaters alone, ${kW} kW`}: safe to leave on, and costly. Call at once, and switch back to heat when it is fixed.`,
              holdsWords(facts, kW),
              ...(hasFurnace ? ['Smell of gas or oil: leave the house, touch no switch, and call from outside.'] : []),
              'In a freeze, never heat with an oven, a grill or a generator indoors. If the house grows too cold for somebody frail, leave it and call for help.',
            ],
          },
        ]
      : []),
    {
      title: 'What is normal',
      lines: [
        `Every so often in damp cold the outdoor unit stops its fan, hisses and steams for a few minutes: it is melting its frost. ${defrostAir}`,
        'Keep snow and leaves a foot away from it. Never pour water on it, never chip ice off.',
        'Change or wash the filter when it looks gray. Keep registers open.',
      ],
    },
    {
      title: 'Who to call',
      lines: [
        facts.site.crew || 'The crew that installed it.',
        'Smell of burning, or a breaker that trips twice: leave it off and call.',
      ],
    },
  ];
};
