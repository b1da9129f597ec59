'use client';

import { useEffect, useState } from 'react';
import type { AtWork } from '@/core/access/at-work';
import { setActingUser } from '../requests/acting-user';
import { restoreSafe } from '../storage/safe-storage';
import { setDeviceUser } from './device-user';

/** Says on every page of someone who is signed in that this device is his. */
export const DeviceOwner = ({ who }: { who: AtWork }) => {
  // Before anything on the page asks the server: what it asks is asked as him.
  useState(() => {
    if (typeof window !== 'undefined') setActingUser(who);
  });
  useEffect(() => {
    void restoreSafe().then(() => setDeviceUser(who));
  }, [who]);
  return null;
};
