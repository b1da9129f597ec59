'use client';

import { memo } from 'react';
import { isAssumed } from '@/core/job/assumed';
import { factProblem } from '@/core/job/check-fact';
import { factAt, type FactPath, factValue } from '@/core/job/document';
import { unitOfFact } from '@/core/job/fact-unit';
import type { Finding } from '@/core/job/finding';
import { useDegrees } from '../degrees/degrees';
import { SeverityMark } from '../findings/severity-mark';
import { useJob } from '../job/provider';
import { Why } from '../kit/why';
import { ChoiceBox } from './choice-box';
import { FactPast } from './fact-past';
import { NumbersBox, TableBox } from './list-box';
import { NumberBox } from './number-box';
import { TextBox } from './text-box';

const Control = ({ path }: { path: FactPath }) => {
  const fact = factAt(path);
  const value = useJob((job) => factValue(job.facts, path));
  const setFact = useJob((job) => job.setFact);
  const unit = useJob((job) => (fact.kind === 'number' ? unitOfFact(job.facts, fact) : ''));
  const commit = (next: unknown) => setFact(path, next);
  const check = (next: unknown) => factProblem(path, next);
  switch (fact.kind) {
    case 'number':
      return (
        <NumberBox
          name={path}
          label={fact.label}
          value={value as number | null}
          unit={unit}
          isDifference={fact.isDifference}
          isShare={fact.isShare}
          step={fact.step}
          min={fact.min}
          max={fact.entryMax ?? fact.max}
          none={fact.none}
          onCommit={commit}
        />
      );
    case 'choice':
      return <ChoiceBox label={fact.label} options={fact.options} value={value as string | number} onCommit={commit} />;
    case 'flag':
      return (
        <ChoiceBox
          label={fact.label}
          options={[
            { value: 'yes', label: 'Yes' },
            { value: 'no', label: 'No' },
          ]}
          value={value ? 'yes' : 'no'}
          onCommit={(next) => commit(next === 'yes')}
        />
      );
    case 'text':
      return (
        <TextBox
          name={path}
          label={fact.label}
          value={value as string}
          maxLength={fact.maxLength}
          lines={fact.lines}
          check={check}
          onCommit={commit}
        />
      );
    case 'numbers':
      return <NumbersBox name={path} fact={fact} value={value as readonly number[]} check={check} onCommit={commit} />;
    case 'records':
      return null;
    case 'table':
      return (
        <TableBox
          name={path}
          fact={fact}
          value={value as readonly Record<string, number>[]}
          check={check}
          onCommit={commit}
        />
      );
  }
};

const NONE: readonly Finding[] = [];

/** Width of a label's letter, and of the links at its right, px. */
const LETTER_PX = 9;
const LINKS_PX = { assumed: 175, confirmed: 60 } as const;

/** Space above a label for its links, in fields too narrow for one line. */
const spacerOf = (label: string, isAssumed: boolean): string => {
  const needsPx = label.length * LETTER_PX + LINKS_PX[isAssumed ? 'assumed' : 'confirmed'];
  if (needsPx > 560) return 'h-9';
  if (needsPx > 448) return 'h-9 @min-[35rem]:hidden';
  if (needsPx > 352) return 'h-9 @min-[28rem]:hidden';
  return needsPx > 280 ? 'h-9 @min-[22rem]:hidden' : 'hidden';
};

/** A fact: field, assumption, reason, and findings. */
export const FactField = memo(function FactField({
  path,
  findings = NONE,
}: {
  path: FactPath;
  findings?: readonly Finding[];
}) {
  const fact = factAt(path);
  const isConfirmed = useJob((job) => job.confirmed.has(path));
  const isOpen = useJob((job) => isAssumed(job.facts, job.confirmed, path));
  const setFact = useJob((job) => job.setFact);
  const value = useJob((job) => factValue(job.facts, path));
  const isLocked = useJob((job) => !job.rights.change);
  const { say } = useDegrees();
  return (
    <div
      id={path}
      className={`@container relative scroll-mt-20 border-l-4 py-1 pl-3 ${isOpen ? 'border-dashed border-line-strong' : 'border-transparent'}`}
    >
      <div className={spacerOf(fact.label, isOpen && !isLocked)} />
      <fieldset disabled={isLocked} className="contents">
        <Control path={path} />
      </fieldset>
      <div className="absolute top-0 right-0 flex h-8 items-center gap-x-2">
        {(fact.why || isConfirmed) && (
          <Why label={fact.why ? 'why' : 'history'}>
            {fact.why && <p className="mb-2">{say(fact.why)}</p>}
            {isConfirmed && <FactPast path={path} />}
          </Why>
        )}
        {isOpen && !isLocked && (
          <button
            type="button"
            className="bare-button -my-2 px-1 text-sm font-medium"
            onClick={() => setFact(path, value)}
            aria-label={`assumed, confirm ${fact.label}`}
          >
            assumed, <span className="text-link">confirm</span>
          </button>
        )}
      </div>
      {findings.map((finding) => (
        <p key={finding.rule + finding.what} className="mb-1 flex gap-2 text-sm">
          <SeverityMark severity={finding.severity} />
          <span>
            {say(finding.what)} <span className="text-quiet">{say(finding.fix)}</span>
          </span>
        </p>
      ))}
    </div>
  );
});
