'use client';

import { useTyped } from '../job/use-typed';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';

interface ReasonDialogProps {
  /** Unique name in the job: typed text then survives the page. */
  readonly name?: string;
  readonly title: string;
  readonly about: string;
  readonly label: string;
  /** Common reasons, one tap each. */
  readonly usual: readonly string[];
  readonly first?: string;
  readonly maxLength: number;
  readonly action: string;
  /** Whether an empty text is valid, as to remove a note. */
  readonly takesNothing?: boolean;
  readonly onSay: (why: string) => void;
  readonly onClose: () => void;
}

/** Asks for a reason or note: a common one by tap, or typed. */
export const ReasonDialog = (props: ReasonDialogProps) => {
  const { name, title, about, label, usual, first = '', maxLength, action, takesNothing = false, onSay } = props;
  const [typed, setWords] = useTyped(name);
  const words = typed ?? first;
  const close = () => {
    setWords(null);
    props.onClose();
  };
  const say = (why: string) => {
    onSay(why.trim());
    close();
  };
  return (
    <DialogFrame title={title} about={about} onClose={close}>
      {usual.length > 0 && (
        <div className="mt-3 flex flex-wrap gap-2">
          {usual.map((why) => (
            <button key={why} type="button" className="plain-button" onClick={() => say(why)}>
              {why}
            </button>
          ))}
        </div>
      )}
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (takesNothing || words.trim()) say(words);
        }}
      >
        <label className="block">
          <span className="eyebrow">{label}</span>
          <input
            value={words}
            maxLength={maxLength}
            autoComplete="off"
            onChange={(event) => setWords(event.target.value)}
            className="field-box w-full text-lg"
          />
        </label>
        <div className="mt-3 flex gap-2">
          <button type="submit" className="strong-button" disabled={!takesNothing && !words.trim()}>
            {action}
          </button>
          <DialogClose className="plain-button">Cancel</DialogClose>
        </div>
      </form>
    </DialogFrame>
  );
};
