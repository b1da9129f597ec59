'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { cutText } from '@/core/border/text';
import { type Finding, findingKey } from '@/core/job/finding';
import { Said } from './degrees';
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
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content className="fixed inset-x-3 top-[12vh] z-50 mx-auto max-w-md rounded border border-line-strong bg-sheet p-5">
          <Dialog.Title className="font-label text-2xl font-semibold">Live with it, and say why</Dialog.Title>
          <Dialog.Description className="my-2 text-sm">
            <Said>{finding.what}</Said> The reason stays in the record, with your name.
          </Dialog.Description>
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
            <Dialog.Close className="plain-button">Leave it open</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
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
