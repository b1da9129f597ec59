'use client';

import { Radio } from 'lucide-react';
import { OUTDOOR_CHANNEL } from '@/core/instrument/shown';
import { PopoverButton } from '../kit/popover-button';
import { lazyClient } from '../loading/lazy-client';
import { useHeard } from './heard';

const HeardSources = lazyClient(() => import('./heard-sources').then((module) => module.HeardSources));

const LINKS = {
  off: 'Listen to a meter',
  opening: 'Nothing heard yet',
  open: 'Listening',
  lost: 'Lost the meter; retrying',
} as const;

/** Whether a meter is connected, and which: its steady value can then be used with a tap. */
export const ListenButton = () => {
  const link = useHeard((state) => state.link);
  const meter = useHeard(({ inputs }) => inputs.find(({ shown }) => shown.channel !== OUTDOOR_CHANNEL)?.shown.meter);
  return (
    <PopoverButton
      className="plain-button max-w-full shrink-0 gap-2"
      align="end"
      contentClassName="grid w-80 gap-3"
      face={
        <>
          <Radio size={18} aria-hidden className={link === 'open' ? 'text-pass' : ''} />
          {LINKS[link]}
          {link === 'open' && meter && `: ${meter}`}
        </>
      }
    >
      <HeardSources />
    </PopoverButton>
  );
};
