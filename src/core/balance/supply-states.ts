import { type Bank, jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { banksWithCompressor } from '../job/interlocked-bank';
import { temperatureRiseF } from '../units/air';
import { capital } from '../units/capital';
import { banksBtuh, defrostBanks } from './defrost-air';
import { balanceInput } from './from-job';
import type { On } from './heat-now';
import { capacityCurve, isExtrapolated } from './heat-pump';
import { jobLowStage } from './job-heat-pump';

/** An operating state with its register air. */
export interface SupplyState {
  readonly id: string;
  readonly label: string;
  readonly source: 'compressor' | 'strips' | 'fossil' | 'defrost';
  /** Heat put into the air, Btu/h; below zero in a cold-air defrost. */
  readonly btuh: number;
  readonly cfm: number;
  readonly supplyF: number;
  /** Whether the heat pump's part is extrapolated beyond its rating points. */
  readonly isDrawnOn: boolean;
}

/** States without the heat pump. */
const ALONE = /^(strips-|furnace)/;

/**
 * Register air in every state of a job's system at one outdoor temperature. In defrost the unit takes about as much
 * heat from the air as it gives in heating.
 * @param outdoorF outdoor temperature, °F
 * @param roomF return air, °F
 * @param defrostOn what the wiring turns on in a defrost; the plan if not given
 */
export const supplyStates = (facts: Facts, outdoorF: number, roomF: number, defrostOn?: On): SupplyState[] => {
  const { airHandler, site } = facts;
  const input = balanceInput(facts);
  const mostBtuh = capacityCurve(input.heatPump).at(outdoorF);
  const low = jobLowStage(facts);
  const lowBtuh = low ? capacityCurve(low).at(outdoorF) : 0;
  const banks = jobBanks(facts);
  const beside = banksWithCompressor(facts);
  const inDefrost = defrostBanks(facts, defrostOn);
  const stripsBtuh = (of: readonly Bank[], count: number) => banksBtuh(of.slice(0, count));
  const state = (id: string, label: string, source: SupplyState['source'], btuh: number, cfm: number): SupplyState => ({
    id,
    label,
    source,
    btuh,
    cfm,
    supplyF: roomF + temperatureRiseF(btuh, cfm, site.elevationFt),
    isDrawnOn: isExtrapolated(input.heatPump, outdoorF) && !ALONE.test(id),
  });
  const named = (of: readonly Bank[], count: number) =>
    `bank${count > 1 ? 's' : ''} ${of
      .slice(0, count)
      .map(({ bank }) => bank)
      .join(' + ')}`;
  return [
    ...(lowBtuh > 0
      ? [
          state(
            'low',
            facts.outdoorUnit.stages === 'inverter' ? 'Heat pump at minimum speed' : 'Heat pump, low stage',
            'compressor',
            lowBtuh,
            airHandler.heatCfm,
          ),
        ]
      : []),
    ...(mostBtuh > 0
      ? [state('heat-pump', low ? 'Heat pump, full' : 'Heat pump alone', 'compressor', mostBtuh, airHandler.heatCfm)]
      : []),
    ...(mostBtuh > 0
      ? beside.map((_, at) =>
          state(
            `with-${at + 1}`,
            `Heat pump + ${named(beside, at + 1)}`,
            'strips',
            mostBtuh + stripsBtuh(beside, at + 1),
            airHandler.auxCfm,
          ),
        )
      : []),
    ...banks.map((_, at) =>
      state(
        `strips-${at + 1}`,
        `${capital(named(banks, at + 1))} alone`,
        'strips',
        stripsBtuh(banks, at + 1),
        airHandler.auxCfm,
      ),
    ),
    ...(input.fuel ? [state('furnace', 'Furnace', 'fossil', input.fuel.outputBtuh, airHandler.auxCfm)] : []),
    ...(mostBtuh > 0 ? [state('defrost-cold', 'Defrost, no strips', 'defrost', -mostBtuh, airHandler.heatCfm)] : []),
    ...(mostBtuh > 0 && inDefrost.length > 0
      ? [
          state(
            'defrost-strips',
            `Defrost, ${named(inDefrost, inDefrost.length)}`,
            'defrost',
            banksBtuh(inDefrost) - mostBtuh,
            airHandler.auxCfm,
          ),
        ]
      : []),
  ];
};

/** Register temperature of a state at one airflow. */
export const supplyAtCfm = (facts: Facts, { btuh }: SupplyState, cfm: number, roomF: number): number =>
  roomF + temperatureRiseF(btuh, cfm, facts.site.elevationFt);
