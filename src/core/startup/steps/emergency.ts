import { kitRows } from '../../job/kit-rows';
import { returnItem, supplyItem } from '../air-items';
import { airflowCheck } from '../airflow-check';
import { airflowsOf } from '../airflows';
import type { StartupStep } from '../step';
import { stripAmpsItems } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';
import { provenTick } from '../tick';
import { fanAfterItem } from '../timed';

const NO_HEAT = {
  means: 'The strips do not heat: this air says nothing of the airflow.',
  next: 'First why they draw no current; then this again.',
};

export const emergency: StartupStep = {
  id: 'emergency',
  title: 'Emergency heat',
  why: 'It must heat the house with the outdoor unit dead, at any outdoor temperature. Strips alone also weigh the air.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const amps = stripAmpsItems(context, 'emergency');
    const airflow = airflowCheck(context, amps);
    const supply = supplyItem(context, 'emergency', airflow.kind === 'read' ? airflow.cfm : undefined);
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air'],
      how: [
        'Thermostat: emergency heat.',
        'The compressor must stop and stay off.',
        'Temperatures after ten minutes, out of sight of the strips: they give the airflow.',
      ],
      call: 'emergency',
      airflows: airflowsOf(context),
      waits: [
        sequencerWait(facts),
        { id: 'steady', label: 'Steady air', seconds: 600, why: 'The rise settles in about ten minutes.' },
      ],
      limits: ['proof.blowerTable'],
      items: [
        ...terminalItems(context, 'emergency', [
          'air-handler-W1',
          'air-handler-W2',
          'air-handler-W3',
          'outdoor-unit-Y',
          'air-handler-G',
        ]),
        stripVoltsItem(facts),
        ...amps,
        returnItem(facts, 'emergency'),
        {
          ...supply,
          explain: (value, grade, place) => {
            const plain = supply.explain?.(value, grade, place) ?? null;
            if (airflow.kind === 'no-heat') return NO_HEAT;
            if (airflow.kind === 'waits') return plain;
            if (airflow.grade === 'fail' || plain === null)
              return { means: airflow.means, ...(airflow.next ? { next: airflow.next } : {}) };
            return { ...plain, means: `${plain.means} ${airflow.means}` };
          },
        },
        fanAfterItem(facts),
        provenTick(
          'limit',
          'Limit opens with the air shut off and comes back: only where the manufacturer’s instructions ask for it; never bypassed',
          'limit',
          { word: 'not-open', label: 'It did not open', means: 'The limit does not open.' },
        ),
      ],
    };
  },
};
