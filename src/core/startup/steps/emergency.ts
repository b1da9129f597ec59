import { elementKW } from '../../strips/element';
import { jobElements } from '../../strips/from-job';
import { BTU_PER_KWH } from '../../units/constants';
import { roundTo } from '../../units/round';
import { plan } from '../../wiring/plan';
import { wiringState } from '../../wiring/state';
import { airflowRead, returnItem, supplyItem } from '../air-items';
import { type Item, numberRead, type StartupContext, type StartupStep, stepMoment } from '../step';
import { elementsOn, stripAmpsItems } from '../strip-amps';
import { stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';

/** Heater amps of all circuits as read, the blower's taken off where it was in the clamp; undefined until every circuit is read. */
const heaterAmpsRead = (context: StartupContext, items: readonly Item[]): number | undefined => {
  let sum = 0;
  for (const item of items) {
    const reading = context.readings.get(`emergency/${item.id}`);
    if (typeof reading?.value !== 'number') return undefined;
    const hasBlower = item.places !== undefined && reading.place !== 'heaters-only';
    sum += reading.value - (hasBlower ? context.facts.airHandler.blowerAmps : 0);
  }
  return sum;
};

export const emergency: StartupStep = {
  id: 'emergency',
  title: 'Emergency heat',
  why: 'It must heat the house with the outdoor unit dead, at any outdoor temperature. Strips alone also weigh the air.',
  applies: (facts) => facts.heatKit.elements.length > 0,
  build: (context) => {
    const { facts } = context;
    const state = wiringState(facts, plan(facts), stepMoment(context, 'emergency'));
    const volts = numberRead(context, 'emergency/strip-volts');
    const stripsKW = volts === undefined ? undefined : elementsOn(facts, state).reduce((sum, at) => sum + elementKW(jobElements(facts)[at]!, volts), 0);
    const amps = stripAmpsItems(facts, state, volts);
    const cfm = airflowRead(context, 'emergency', heaterAmpsRead(context, amps));
    const supply = supplyItem(
      context,
      'emergency',
      stripsKW === undefined ? undefined : stripsKW * BTU_PER_KWH,
      facts.airHandler.auxCfm,
      'strips',
      'the volts at the kit',
    );
    const { minCfm } = facts.heatKit;
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air'],
      how: [
        'Thermostat: emergency heat.',
        'The compressor must stop and stay off.',
        'Temperatures after ten minutes, out of sight of the strips: they give the airflow.',
      ],
      call: 'emergency',
      waits: [
        { id: 'sequencer', label: 'Sequencers', seconds: facts.heatKit.sequencerSeconds, why: 'An element that has not come in yet looks like a dead one.' },
        { id: 'steady', label: 'Steady air', seconds: 600, why: 'The rise settles in about ten minutes.' },
      ],
      items: [
        ...terminalItems(context, 'emergency', 'emergency', ['air-handler-W1', 'outdoor-unit-Y', 'air-handler-G']),
        stripVoltsItem(facts),
        ...amps,
        returnItem(facts),
        {
          ...supply,
          explain: (value, grade, place) => {
            const plain = supply.explain?.(value, grade, place) ?? null;
            if (cfm === undefined) return plain;
            const air = `Airflow by temperature rise: ${roundTo(cfm, 0)} CFM; the kit needs ${minCfm}.`;
            if (cfm < minCfm) return { means: air, next: 'Too little air for these strips: switch them off, then filter, registers, blower setting.' };
            return { means: plain ? `${plain.means} ${air}` : air, ...(plain?.next === undefined ? {} : { next: plain.next }) };
          },
        },
      ],
    };
  },
};
