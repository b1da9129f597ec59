'use client';

import { useState } from 'react';
import { cutText } from '@/core/border/text';
import { type Finding, findingKey } from '@/core/job/finding';
import { Said } from './degrees';
import { DialogClose, DialogFrame } from './dialog-frame';
import { useJob, useJobNow } from './job/provider';
import { usePerson } from './person';
import { SeverityMark } from './severity-mark';

const WaiveDialog = ({ finding, onClose }: { finding: Finding; onClose: () => void }) => {
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const author = usePerson((person) => person.author);
  const setPerson = usePerson((person) => person.set);
  const [reason, setReason] = useState('');
  const isReady = reason.trim().length >= 4 && author.trim() !== '';
  const waive = () => {
    const key = findingKey(finding);
    const others = now().facts.wiring.waivers.filter((waiver) => waiver.finding !== key);
    setFact('wiring.waivers', [
      ...others,
      {
        finding: key,
        what: cutText(finding.what, 400),
        reason: cutText(reason.trim(), 400),
        by: cutText(author.trim(), 80),
        at: new Date().toISOString(),
      },
    ]);
    onClose();
  };
  return (
    <DialogFrame
      title="Live with it, and say why"
      about={
        <>
          <Said>{finding.what}</Said> The reason stays in the record, with your name.
        </>
      }
      onClose={onClose}
    >
      <label className="block">
        <span className="eyebrow">Reason</span>
        <textarea
          className="field-box w-full p-2"
          rows={3}
          maxLength={400}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <label className="mt-2 block">
        <span className="eyebrow">Who decides</span>
        <input
          className="field-box w-full"
          maxLength={80}
          value={author}
          onChange={(event) => setPerson({ author: event.target.value })}
        />
      </label>
      <div className="mt-4 flex gap-2">
        <button type="button" className="strong-button" disabled={!isReady} onClick={waive}>
          Waive
        </button>
        <DialogClose className="plain-button">Leave it open</DialogClose>
      </div>
    </DialogFrame>
  );
};

/**
 * One finding with its reason and mend: mended in one tap where that can be, shown on the drawing, or waived with a
 * reason.
 */
export const FindingLine = ({ finding, onPoint }: { finding: Finding; onPoint?: (at: string) => void }) => {
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const [isWaiving, setIsWaiving] = useState(false);
  const { severity, what, why, mend, at, mendBy, waived } = finding;
  const key = findingKey(finding);
  return (
    <li className={`flex gap-2 py-1 ${waived ? 'text-quiet' : ''}`}>
      <SeverityMark severity={severity} />
      <div className="min-w-0">
        <p>
          <span className={waived ? 'line-through' : 'font-medium'}>
            <Said>{what}</Said>
          </span>{' '}
          <span className="text-sm text-quiet">
            <Said>{why}</Said>
          </span>{' '}
          <span className="text-sm">
            <Said>{mend}</Said>
          </span>
        </p>
        {waived && (
          <p className="text-sm">
            Waived by {waived.by}: {waived.reason}
          </p>
        )}
        <div className="flex flex-wrap">
          {mendBy && !waived && (
            <button
              type="button"
              className="bare-button px-2 font-semibold underline underline-offset-4"
              onClick={() => mendBy.forEach(({ path, value }) => setFact(path, value))}
            >
              Fix it
            </button>
          )}
          {at && onPoint && (
            <button type="button" className="bare-button px-2 underline underline-offset-4" onClick={() => onPoint(at)}>
              Show it
            </button>
          )}
          {waived ? (
            <button
              type="button"
              className="bare-button px-2 underline underline-offset-4"
              onClick={() =>
                setFact(
                  'wiring.waivers',
                  now().facts.wiring.waivers.filter((waiver) => waiver.finding !== key),
                )
              }
            >
              Take the waiver back
            </button>
          ) : (
            <button
              type="button"
              className="bare-button px-2 text-quiet underline underline-offset-4"
              onClick={() => setIsWaiving(true)}
            >
              Waive…
            </button>
          )}
        </div>
        {isWaiving && <WaiveDialog finding={finding} onClose={() => setIsWaiving(false)} />}
      </div>
    </li>
  );
};
