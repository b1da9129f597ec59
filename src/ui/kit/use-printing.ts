'use client';

import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether the page is printing: print-only parts are rendered only then. */
export const usePrinting = (): boolean => {
  const [isPrinting, setIsPrinting] = useState(false);
  useEffect(() => {
    // The browser prints the page as it is when its event handler returns.
    const before = () => flushSync(() => setIsPrinting(true));
    const after = () => setIsPrinting(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return isPrinting;
};
