'use client';

import { ACKNOWLEDGED_ITEM, TAGGED_ITEM } from '@/core/startup/shut-off';
import { useSaveReading } from '../job/use-save-reading';
import { useAtWork } from '../person/at-work';
import { useStops } from './use-stops';

/** Signing a job with a stop: shut off and tagged, then acknowledged by a crew lead. */
export const ShutOffLine = () => {
  const { shutOff } = useStops();
  const tag = useSaveReading(TAGGED_ITEM);
  const acknowledge = useSaveReading(ACKNOWLEDGED_ITEM);
  const { role } = useAtWork();
  switch (shutOff.kind) {
    case 'clear':
      return null;
    case 'untagged':
      return (
        <div className="basis-full">
          <p className="font-semibold text-fail">
            It can be signed only as shut off and tagged: every supply and the fuel shut off, with a tag that says why.
          </p>
          <button type="button" className="plain-button mt-1 min-h-12" onClick={() => tag('done')}>
            It is shut off and tagged
          </button>
        </div>
      );
    case 'tagged':
      return (
        <div className="basis-full">
          <p className="font-semibold text-fail">
            Shut off and tagged by {shutOff.tagged.author}. A crew lead acknowledges it.
          </p>
          {role === 'lead' && (
            <button type="button" className="plain-button mt-1 min-h-12" onClick={() => acknowledge('done')}>
              I acknowledge it, as crew lead
            </button>
          )}
        </div>
      );
    case 'acknowledged':
      return (
        <p className="basis-full font-semibold text-fail">
          Shut off and tagged by {shutOff.tagged.author}; acknowledged by {shutOff.lead.author}.
        </p>
      );
  }
};
