'use client';

import Link from 'next/link';
import { FIXED_ITEM } from '@/core/diagnosis/recorded-items';
import type { DiagnosisView, ShownCause } from '@/core/diagnosis/trouble';
import { seenValue } from '@/core/job/reading';
import { CAUTIONS } from '@/core/safety/cautions';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';
import { useSaveReading } from '../job/use-save-reading';
import { CautionSign } from '../stop-work/cautions';
import { StopSign } from '../stop-work/stop-banner';
import { TonightOptions } from './tonight-options';
import type { AskTonight } from './use-diagnosis';

const TITLES: Record<DiagnosisView['standpoint'], string> = {
  open: '',
  named: 'The cause',
  exhausted: 'Most likely cause: no other reading would narrow it further',
  pair: 'Two things are wrong',
  unexplained: 'These readings do not match any known fault',
};

const CauseEnd = ({ cause, ask }: { cause: ShownCause; ask: AskTonight }) => {
  const keep = useSaveReading(FIXED_ITEM);
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  const [fault] = cause.faults;
  return (
    <div className="mb-3">
      <h3 className="text-xl font-semibold">{cause.words}</h3>
      {cause.stop && <StopSign stop={cause.stop} />}
      {cause.caution && <CautionSign lines={[CAUTIONS[cause.caution]]} />}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
        <dt className="eyebrow pt-1">Confirm</dt>
        <dd>{cause.confirm}</dd>
        <dt className="eyebrow pt-1">Fix</dt>
        <dd>{cause.fix}</dd>
        <dt className="eyebrow pt-1">Done by</dt>
        <dd>{cause.by === 'licensed' ? 'Licensed tech' : 'A technician'}</dd>
      </dl>
      <div className="mt-2 flex flex-wrap gap-2">
        {cause.id !== 'nothing' && (
          <button type="button" className="strong-button min-h-12" onClick={() => keep(seenValue(cause.id))}>
            Confirmed and fixed
          </button>
        )}
        {fault && (
          <Link
            className="plain-button"
            prefetch={false}
            href={`/jobs/${id}/wiring?${query}&try=${encodeURIComponent(fault)}`}
          >
            See it on the drawing
          </Link>
        )}
      </div>
      {cause.id !== 'nothing' && <TonightOptions cause={cause.id} ask={ask} />}
    </div>
  );
};

/** End of a diagnosis: the cause with confirmation and fix, two causes, or “no fault fits”. */
export const Ending = ({ trouble, ask }: { trouble: DiagnosisView; ask: AskTonight }) => {
  const { standpoint, suspects, pairs } = trouble;
  if (standpoint === 'open') return null;
  return (
    <section aria-labelledby="end-title" aria-live="polite" className="border-l-4 border-pine pl-3">
      <h2 id="end-title" className="eyebrow">
        {TITLES[standpoint]}
      </h2>
      {(standpoint === 'named' || standpoint === 'exhausted') &&
        suspects[0]!.causes.map((cause) => <CauseEnd key={cause.id} cause={cause} ask={ask} />)}
      {standpoint === 'pair' && pairs[0]!.map((cause) => <CauseEnd key={cause.id} cause={cause} ask={ask} />)}
      {standpoint === 'unexplained' && (
        <p>
          No one fault, or pair of faults, explains these readings. Retake the readings that argue against the first
          suspect; check that the Survey matches the equipment; then use the manufacturer’s troubleshooting chart.
        </p>
      )}
    </section>
  );
};
