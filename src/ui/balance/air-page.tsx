'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { airAnswer } from '@/core/balance/air-answer';
import { supplyStates } from '@/core/balance/supply-states';
import { checkEquipment } from '@/core/check/equipment';
import type { FactPath } from '@/core/job/document';
import { useDegrees } from '../degrees/degrees';
import { FactField } from '../fields/fact-field';
import { findingsOn } from '../fields/findings-on';
import { PageAnswer } from '../findings/page-answer';
import { useModel, useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { CautionSign } from '../stop-work/cautions';
import { StateLines } from './air/state-lines';
import { BalanceTabs } from './balance-tabs';

const AirflowChart = dynamic(() => import('@/ui/balance/air/airflow-chart'), {
  ssr: false,
  loading: () => <p className="min-h-85 text-quiet">Drawing …</p>,
});

const AIR_FACTS: readonly FactPath[] = [
  'airHandler.heatCfm',
  'airHandler.auxCfm',
  'airHandler.maxSupplyF',
  'site.elevationFt',
  'zones.smallestCfm',
  'zones.banksAlone',
];

export const AirPage = () => {
  const facts = useJob((job) => job.facts);
  const moment = useMoment();
  const { outdoorF, indoorF } = moment;
  const model = useModel();
  const { text } = useDegrees();
  const states = useMemo(
    () => supplyStates(facts, outdoorF, indoorF, model.state({ ...moment, call: 'defrost' })),
    [facts, outdoorF, indoorF, model, moment],
  );
  const findings = checkEquipment(model);
  const [isOpen, setIsOpen] = useState(false);
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <BalanceTabs />
      <h2 className="part-head">
        Air at the register, {text(outdoorF)} out, {text(indoorF)} in the room
      </h2>
      <PageAnswer>{airAnswer(states, facts.airHandler.maxSupplyF)}</PageAnswer>
      <p className="mb-2 max-w-prose text-sm text-quiet">
        Below about {text(95, 0)} supply air feels cool on the skin but still heats the room. In defrost the unit takes
        about as much heat from the air as it gives in heating.
      </p>
      <StateLines states={states} roomF={indoorF} limitF={facts.airHandler.maxSupplyF} />
      <details className="mt-6" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
        <summary className="flex min-h-12 items-center border-y border-line font-label text-xl font-semibold">
          Supply air vs. airflow
        </summary>
        {isOpen && <AirflowChart facts={facts} states={states} roomF={indoorF} />}
      </details>
      <section aria-label="Airflow and elevation" className="mt-6">
        <h2 className="mb-2 section-head">What it depends on</h2>
        <div className="grid gap-x-6 gap-y-2 md:grid-cols-2">
          {AIR_FACTS.map((path) => (
            <FactField key={path} path={path} findings={findingsOn(findings, path)} />
          ))}
        </div>
      </section>
      <div className="mt-6">
        <CautionSign
          lines={[
            'Run strips only at or above the kit’s minimum airflow, panels on. Never bypass a limit to get heat.',
          ]}
        />
      </div>
    </div>
  );
};
