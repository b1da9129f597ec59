'use client';

import { SELECT_ON_FOCUS } from '../kit/select-on-focus';

/** A link that is shown once. */
export const LinkOnce = ({
  name,
  path,
  about = 'It works once, within one week, and will not be shown again.',
}: {
  name: string;
  path: string;
  about?: string;
}) => (
  <div role="status" className="my-2 border-l-4 border-saffron bg-saffron-wash px-3 py-2">
    <p>
      Give this link to <b>{name}</b>. {about}
    </p>
    <input
      readOnly
      aria-label={`Link for ${name}`}
      value={`${window.location.origin}${path}`}
      {...SELECT_ON_FOCUS}
      className="field-box mt-1 w-full font-mono text-sm"
    />
  </div>
);
