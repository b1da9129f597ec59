import { kitRows } from '../../job/kit-rows';
import { returnItem, supplyItem } from '../air-items';
import { airflowCheck } from '../airflow-check';
import { airflowsOf } from '../airflows';
import type { StartupStep } from '../step';
import { stripAmpsItems } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';
import { verifiedTick } from '../tick';
import { fanAfterItem } from '../timed';

const NO_HEAT = {
  means: 'The strips are not heating, so these temperatures say nothing about airflow.',
  next: 'Find out why they draw no current, then repeat this.',
};

export const emergency: StartupStep = {
  id: 'emergency',
  title: 'Emergency heat',
  why: 'It must heat the house with the outdoor unit dead, at any outdoor temperature. Strips alone also let you measure airflow.',
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
        'Take temperatures after ten minutes, out of line of sight of the strips. They give you the airflow.',
      ],
      call: 'emergency',
      airflows: airflowsOf(context),
      waits: [
        sequencerWait(facts),
        { id: 'steady', label: 'Steady rise', seconds: 600, why: 'The rise settles in about ten minutes.' },
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
        verifiedTick(
          'limit',
          'Limit opens with the airflow shut off, and resets (only if the manufacturer’s instructions call for this test; never bypass it)',
          'limit',
          { word: 'not-open', label: 'It did not open', means: 'The limit does not open.' },
        ),
      ],
    };
  },
};
