'use client';

import { Camera } from 'lucide-react';
import { useId, useState } from 'react';
import { type LabelFacts, readLabelCode } from '@/core/label/label-code';
import { FileButton } from '../kit/file-button';
import { codeInPicture } from './read-picture';

const NO_CODE = 'No code found. Take the picture straight on, in good light, with the code filling the frame.';

/** A label read from a picture or from its text, only on the device. Errors are shown; nothing is stored. */
export const ScanLabel = ({ onRead }: { onRead: (label: LabelFacts) => void }) => {
  const [text, setText] = useState('');
  const [why, setWhy] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const id = useId();
  const take = (code: string | null) => {
    const read = code === null ? ({ kind: 'wrong', why: NO_CODE } as const) : readLabelCode(code);
    setWhy(read.kind === 'wrong' ? read.why : null);
    if (read.kind === 'label') onRead(read.label);
  };
  const look = async (picture: File) => {
    setBusy(true);
    take(await codeInPicture(picture));
    setBusy(false);
  };
  return (
    <section aria-label="Scan a label">
      <FileButton
        label="Picture of the label"
        accept="image/*"
        isPicture
        isBusy={isBusy}
        className="strong-button"
        onFile={(picture) => void look(picture)}
      >
        <Camera size={20} aria-hidden /> {isBusy ? 'Looking for the code …' : 'Take a picture of the label'}
      </FileButton>
      <details className="mt-2 border-b border-line">
        <summary className="min-h-11 cursor-pointer py-2 text-link">Paste the code text</summary>
        <form
          className="pb-3"
          onSubmit={(event) => {
            event.preventDefault();
            take(text);
          }}
        >
          <label htmlFor={id} className="eyebrow block">
            Text of the code
          </label>
          <textarea
            id={id}
            rows={4}
            className="field-box w-full font-mono text-sm"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="submit" className="plain-button mt-1">
            Read code
          </button>
        </form>
      </details>
      {why && (
        <p role="alert" className="mt-2 font-medium text-fail">
          {why}
        </p>
      )}
    </section>
  );
};
