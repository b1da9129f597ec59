'use client';

import { useId, useState } from 'react';
import { parseTypedWiring } from '@/core/changeout/typed-wiring';
import { useOldWiring } from './use-old-wiring';

/** Old wiring typed in one go. What cannot be parsed stays in the field. */
export const OldWiringBox = () => {
  const { rows, setRows } = useOldWiring();
  const [text, setText] = useState('');
  const [why, setWhy] = useState<string | null>(null);
  const id = useId();
  return (
    <details className="border-b border-line">
      <summary className="min-h-11 cursor-pointer py-2 text-link">Type them all at once</summary>
      <form
        className="pb-3"
        onSubmit={(event) => {
          event.preventDefault();
          const typed = parseTypedWiring(text);
          if (typed.kind === 'wrong') return setWhy(typed.why);
          setRows([...rows, ...typed.rows]);
          setText('');
          setWhy(null);
        }}
      >
        <label htmlFor={id} className="text-sm text-quiet">
          Type letter and color, separated by commas; after &gt; type the other end. Example: R red &gt; R, C blue, W2
          white &gt; W1, brown &gt; spare
        </label>
        <textarea
          id={id}
          className="field-box mt-1 w-full"
          rows={2}
          value={text}
          aria-invalid={why !== null}
          onChange={(event) => setText(event.target.value)}
        />
        {why && (
          <p role="alert" className="font-medium text-fail">
            {why}
          </p>
        )}
        <button type="submit" className="plain-button mt-1">
          Add these
        </button>
      </form>
    </details>
  );
};
