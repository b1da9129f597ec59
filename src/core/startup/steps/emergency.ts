import { kitRows } from '../../job/kit-rows';
import { plan } from '../../wiring/plan';
import { wiringState } from '../../wiring/state';
import { returnItem, supplyItem } from '../air-items';
import { airflowCheck } from '../airflow-check';
import { numberRead, type StartupStep, stepMoment } from '../step';
import { stripAmpsItems, stripsBtuh } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';

export const emergency: StartupStep = {
  id: 'emergency',
  title: 'Emergency heat',
  why: 'It must heat the house with the outdoor unit dead, at any outdoor temperature. Strips alone also weigh the air.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const state = wiringState(facts, plan(facts), stepMoment(context, 'emergency'));
    const volts = numberRead(context, 'emergency/strip-volts');
    const stripHeatBtuh = stripsBtuh(facts, state, volts);
    const amps = stripAmpsItems(facts, state, volts);
    const airflow = airflowCheck(context, amps);
    const supply = supplyItem(
      context,
      'emergency',
      stripHeatBtuh,
      facts.airHandler.auxCfm,
      'strips',
      'the volts at the kit',
    );
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air'],
      how: [
        'Thermostat: emergency heat.',
        'The compressor must stop and stay off.',
        'Temperatures after ten minutes, out of sight of the strips: they give the airflow.',
      ],
      call: 'emergency',
      waits: [
        sequencerWait(facts),
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
            if (airflow.kind === 'waits') return plain;
            if (airflow.grade === 'fail' || plain === null)
              return { means: airflow.means, ...(airflow.next ? { next: airflow.next } : {}) };
            return { ...plain, means: `${plain.means} ${airflow.means}` };
          },
        },
      ],
    };
  },
};
