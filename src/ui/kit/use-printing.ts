'use client';

import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether the page is being printed: what is only for paper is not drawn before. */
export const usePrinting = (): boolean => {
  const [isPrinting, setIsPrinting] = useState(false);
  useEffect(() => {
    // The browser takes the page as set now when its event returns.
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
