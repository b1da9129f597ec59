'use client';

import { checkEquipment } from '@/core/check/equipment';
import { findingsFor } from '@/core/check/pages';
import { wiringAnswer } from '@/core/check/wiring-answer';
import { type Finding, findingKey } from '@/core/job/finding';
import { FindingLine } from '../findings/finding-line';
import { PageAnswer } from '../findings/page-answer';
import { useModel } from '../job/deferred-model';
import { usePoint } from './point';
import { useBench } from './use-bench';

/** Findings of the wiring page. */
const useWiringFindings = () => findingsFor('wiring', checkEquipment(useModel()));

/** The page's answer: whether the wiring matches the plan, and the worst finding. */
export const WiringAnswer = () => {
  const { model, moved } = useBench();
  const isRecorded = model.facts.wiring.asFound !== null;
  return <PageAnswer>{wiringAnswer(useWiringFindings(), isRecorded, moved.size)}</PageAnswer>;
};

/** Wiring findings: the one mistake behind the others first, with those folded below it. */
export const WiringFindings = () => {
  const findings = useWiringFindings();
  const onPoint = usePoint();
  const explained = findings.filter(({ under }) => under !== undefined);
  const line = (finding: Finding) => <FindingLine key={findingKey(finding)} finding={finding} onPoint={onPoint} />;
  return (
    <section aria-label="Findings">
      <h2 className="mb-1 part-head">Findings</h2>
      {findings.length === 0 && <p className="text-quiet">Nothing to fix in the wiring.</p>}
      <ul>{findings.filter(({ under }) => under === undefined).map(line)}</ul>
      {explained.length > 0 && (
        <details className="border-l-4 border-line pl-3">
          <summary className="flex min-h-11 items-center font-medium">
            {explained.length} more with the same cause
          </summary>
          <ul>{explained.map(line)}</ul>
        </details>
      )}
    </section>
  );
};

/** The same at the top on a phone: nothing if there are no findings. */
export const WiringFindingsFirst = () => (useWiringFindings().length > 0 ? <WiringFindings /> : null);
