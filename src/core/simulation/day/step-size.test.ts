import { climateById } from '../../balance/year/climates';
import { NO_FAULTS } from '../../control/scenario';
import { jobModel } from '../../model/job-model';
import { SAMPLES } from '../../samples';
import { simulateDays } from './simulated-days';
import { type DayJob, variantsById } from './variant';

/** 10 December: a day on which the furnace and the compressor share the load. */
const TENTH_OF_DECEMBER = 343;

test('the step does not choose who heats: compressor and furnace hours of a shared day agree within 6 %', () => {
  const { facts } = SAMPLES.find(({ id }) => id === 'tamarack-spur')!;
  const job: DayJob = { model: jobModel(facts, NO_FAULTS), confirmed: new Set() };
  const { hoursF, humidity } = climateById('sorrel-basin');
  const weather = { hoursF: hoursF(), humidity: humidity() };
  const hours = [1, 1 / 2, 1 / 3].map((stepMin) => {
    const span = { day: TENTH_OF_DECEMBER, minutes: 1440, stepMin };
    const { trace } = simulateDays(job, variantsById(job, ['stands'])[0]!, weather, span).run;
    const on = (stages: ArrayLike<number>) => Array.from(stages).filter((stage) => stage > 0).length * (stepMin / 60);
    return { compressor: on(trace.compressorStage), furnace: on(trace.furnaceStage) };
  });
  for (const part of ['compressor', 'furnace'] as const) {
    const all = hours.map((each) => each[part]);
    expect(Math.max(...all) / Math.min(...all)).toBeLessThan(1.06);
    expect(Math.min(...all)).toBeGreaterThan(5);
  }
});
