'use client';

import { cutText } from '@/core/border/text';
import { type Finding, findingKey } from '@/core/job/finding';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob, useJobNow } from '../job/provider';
import { useTyped } from '../job/use-typed';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { usePerson } from '../person/person';

/** Asks why a finding is accepted, and by whom. */
export const WaiveDialog = ({ finding, onClose }: { finding: Finding; onClose: () => void }) => {
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const author = usePerson((person) => person.author);
  const setPerson = usePerson((person) => person.set);
  const [typed, setReason] = useTyped(`waive ${findingKey(finding)}`);
  const reason = typed ?? '';
  const close = () => {
    setReason(null);
    onClose();
  };
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
    close();
  };
  return (
    <DialogFrame
      title="Accept as is (give a reason)"
      about={
        <>
          <LocalizedDegrees>{finding.what}</LocalizedDegrees> The reason stays in the record, with your name.
        </>
      }
      onClose={close}
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
        <span className="eyebrow">Accepted by</span>
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
        <DialogClose className="plain-button">Cancel</DialogClose>
      </div>
    </DialogFrame>
  );
};
