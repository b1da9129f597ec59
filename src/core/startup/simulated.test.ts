import { DEFAULT_MOMENT } from '../control/moment';
import { NO_FAULTS, withCondition, withFault } from '../control/scenario';
import { assumedFacts, withFact } from '../job/document';
import { jobModel } from '../model/job-model';
import { simulatedReadings } from './simulated';
import { startupOf } from './startup-of';

const facts = withFact(assumedFacts(), 'outdoorUnit.compressorRatedAmps', 12);
const triedIn = (step: string, scenario = NO_FAULTS) => {
  const model = jobModel(facts, scenario);
  const planned = startupOf(model, [], DEFAULT_MOMENT).find((each) => each.step.id === step)!;
  return { model, planned, tried: simulatedReadings(model, [], DEFAULT_MOMENT, planned) };
};

describe('what a startup would read with the simulation', () => {
  test('says nothing while nothing is simulated', () => expect(triedIn('heat').tried.size).toBe(0));

  test('yellow open outdoors: no Y there, no amps; the rest of the step as before', () => {
    const { tried } = triedIn('heat', withFault('open:outdoor-cable/yellow'));
    expect(tried.get('heat/compressor-amps')).toBe('0.0 A');
    expect(tried.get('heat/volts-outdoor-unit-Y')).toMatch(/^0\.0 V$/);
    expect(tried.has('heat/volts-air-handler-G')).toBe(false);
    expect(tried.has('heat/return')).toBe(false);
  });

  test('a full pan with the float switch: the whole call dies with R', () => {
    const fitted = withFact(facts, 'system.floatSwitch', 'R');
    const model = jobModel(fitted, withCondition('pan-full'));
    const planned = startupOf(model, [], DEFAULT_MOMENT).find(({ step }) => step.id === 'heat')!;
    expect([...simulatedReadings(model, [], DEFAULT_MOMENT, planned).keys()]).toContain('heat/volts-outdoor-unit-Y');
  });

  test('verdicts and expectations remain those of a sound system', () => {
    const sound = triedIn('heat').planned;
    const { planned } = triedIn('heat', withFault('open:outdoor-cable/yellow'));
    expect(planned.items.map(({ key, expected }) => [key, expected])).toEqual(
      sound.items.map(({ key, expected }) => [key, expected]),
    );
  });
});
