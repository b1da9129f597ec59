'use client';

import { useEffect, useState } from 'react';
import type { AtWork } from '@/core/instrument/at-work';
import { setActingUser } from '../requests/acting-user';
import { restoreSafe } from '../storage/safe-storage';
import { setDeviceUser } from './device-user';

/** Records on every signed-in page whose device this is. */
export const DeviceOwner = ({ who }: { who: AtWork }) => {
  // Before any request of the page: requests are sent as this person.
  useState(() => {
    if (typeof window !== 'undefined') setActingUser(who);
  });
  useEffect(() => {
    void restoreSafe().then(() => setDeviceUser(who));
  }, [who]);
  return null;
};
