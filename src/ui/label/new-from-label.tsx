'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { jobFromLabel, type LabelFacts } from '@/core/label/label-code';
import { panelLabel } from '@/core/label/panel-label';
import { call, failedWords } from '../requests/api';
import { LabelSheet } from './label-sheet';
import { ScanLabel } from './scan-label';

const Made = ({ read }: { read: LabelFacts }) => {
  const router = useRouter();
  const [id] = useState(() => uuid()); // one id for all attempts: a resent request makes one job
  const [problem, setProblem] = useState('');
  const label = useMemo(() => panelLabel(read.facts, [], read.on), [read]);
  const make = async () => {
    const answer = await call<{ id: string }>(`/api/jobs/import?copyId=${id}`, {
      method: 'POST',
      text: JSON.stringify(jobFromLabel(id, read)),
    });
    if (answer.kind === 'ok') router.push(`/jobs/${answer.value.id}/survey`);
    else setProblem(failedWords('The job was not created.', answer));
  };
  return (
    <div>
      <p className="mb-2">
        A system as it was left on {read.on}. In the new job nothing counts as confirmed: check, then confirm.
      </p>
      <button type="button" className="strong-button mb-3" onClick={() => void make()}>
        New job from this label
      </button>
      {problem && (
        <p role="alert" className="mb-3 font-medium text-fail">
          {problem}
        </p>
      )}
      <LabelSheet label={label} />
    </div>
  );
};

/** A panel-door label opens its plan as a separate job. */
export const NewFromLabel = () => {
  const [read, setRead] = useState<LabelFacts | null>(null);
  return (
    <div className="mt-4 grid grid-cols-1 gap-8 md:grid-cols-2">
      <div>
        <p className="mb-3 text-quiet">
          A label printed from Handover and stuck inside the panel door holds the system facts. Its code opens the same
          plan here, offline and with no names in it.
        </p>
        <ScanLabel onRead={setRead} />
      </div>
      {read && <Made key={`${read.on} ${JSON.stringify(read.facts.gates)}`} read={read} />}
    </div>
  );
};
