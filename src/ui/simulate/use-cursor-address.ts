'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { changeAddress } from '../kit/address';
import { useCursor } from './cursor';

/** First minute shown: before dawn, where most happens. */
const FIRST_MIN = 360;
/** Delay before the address follows the cursor, ms. */
const ADDRESS_MS = 300;

/** Keeps the cursor's minute in the address. The address is read once; afterward it follows. */
export const useCursorAddress = (): void => {
  const query = useSearchParams();
  const [firstMin] = useState(() => query.get('min'));
  useEffect(() => {
    const said = Number(firstMin ?? FIRST_MIN);
    useCursor.getState().go(Number.isFinite(said) && said >= 0 ? said : FIRST_MIN);
  }, [firstMin]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const unsubscribe = useCursor.subscribe((cursor, before) => {
      if (cursor.atMin === before.atMin) return;
      clearTimeout(timer);
      timer = setTimeout(() => changeAddress({ min: String(cursor.atMin) }, 'replace'), ADDRESS_MS);
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, []);
};
