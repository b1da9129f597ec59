import { backupNeeds, bankStages } from '../src/core/balance/backup-need';
import type { Balance } from '../src/core/balance/balance';
import { balanceChart } from '../src/core/balance/chart';
import { weighEvidence } from '../src/core/balance/evidence';
import { balanceAt, jobBalance, jobLockouts } from '../src/core/balance/from-job';
import { priceTable } from '../src/core/balance/price-table';
import { rulerSentence } from '../src/core/balance/ruler-sentence';
import { BALANCE_RULES } from '../src/core/balance/rules';
import { supplyStates } from '../src/core/balance/supply-states';
import { jobPeak } from '../src/core/balance/year/from-job';
import { BIN_WIDTH_F, binned, everyTemperature } from '../src/core/balance/year/temperatures';
import type { Moment } from '../src/core/control/moment';
import type { JobFile } from '../src/core/formats/job-file';
import type { WeatherYear } from '../src/core/formats/weather/weather-read';
import { backupOf } from '../src/core/job/backup';
import { applyRules } from '../src/core/job/finding';
import { jobModel } from '../src/core/model/job-model';
import { comparePlans, whatMakesDifference } from '../src/core/setup/ways/compare';
import { jobPlans } from '../src/core/setup/ways/way';
import type { MinuteYear } from '../src/core/simulation/year/minute-book';
import { minuteReasons } from '../src/core/simulation/year/minute-reasons';
import { compareMinutes } from '../src/core/simulation/year/minute-ways';
import { FUEL_UNIT } from '../src/core/units/constants';

/** The same under the report's frozen keys. */
const withOldKeys = ({ gapsF, ...rest }: Balance) => ({ ...rest, holesF: gapsF });

/** Load, capacity, lockouts and required backup; supply air at one outdoor temperature. */
export const balanceReport = ({ facts }: JobFile, moment: Moment) => ({
  ...withOldKeys(jobBalance(facts)),
  gates: jobLockouts(facts),
  load: weighEvidence(facts).map(({ evidence, estimate, trust, isTaken }) => ({
    from: evidence.id,
    isTaken,
    trust,
    ...estimate,
  })),
  marks: balanceChart(facts).marks,
  backup: backupNeeds(facts),
  banks: bankStages(facts),
  prices: priceTable(facts),
  at: {
    outdoorF: moment.outdoorF,
    ...balanceAt(facts, moment.outdoorF),
    call: moment.call,
    verdict: rulerSentence(facts, jobModel(facts, moment.scenario).state(moment), moment),
    supply: supplyStates(facts, moment.outdoorF, moment.indoorF),
  },
  findings: applyRules(BALANCE_RULES, facts),
});

const minutesOf = ({ defrosts, degreeHoursShort, demandCost, storedBtu }: MinuteYear) => ({
  defrosts,
  degreeHoursShort,
  demandCost,
  storedBtu,
});

/** A job's year with its present settings and under each lockout plan. */
export const yearReport = (
  { facts, confirmed }: JobFile,
  weather: WeatherYear,
  method: 'bins' | 'hourly' | 'minutes',
) => {
  const peak = jobPeak(facts);
  const ways = jobPlans(facts);
  const job = { model: jobModel(facts), confirmed: new Set(confirmed) };
  const byMinutes = method === 'minutes' ? compareMinutes(job, ways, weather, 'all') : null;
  const temperatures =
    method === 'bins' ? binned(weather.hoursF, BIN_WIDTH_F, peak) : everyTemperature(weather.hoursF, peak);
  const compared = byMinutes ?? comparePlans(facts, ways, temperatures);
  return {
    weather: weather.name,
    hours: weather.hoursF.length,
    filled: weather.filled,
    method,
    ways: compared.map(({ name, compressorBelowF, auxAboveF, isTaken, year }, at) => ({
      name,
      compressorBelowF,
      auxAboveF,
      isTaken,
      ...year,
      ...(byMinutes ? minutesOf(byMinutes[at]!.minutes) : {}),
    })),
    hangsOn: whatMakesDifference(compared, backupOf(facts) === 'fossil' ? FUEL_UNIT[facts.furnace.fuel] : null),
    ...(byMinutes ? { reasons: minuteReasons(job, weather) } : {}),
  };
};
