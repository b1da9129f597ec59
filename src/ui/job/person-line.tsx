'use client';

import { instrumentWords, isCalibrationOver } from '@/core/instrument/calibration';
import { unnamedCount } from '@/core/sync/job/state';
import { useIsOnDevice } from '../kit/date-text';
import { useAtWork } from '../person/at-work';
import { usePerson } from '../person/person';
import { useJob } from './provider';

const FRAME = 'flex min-w-0 flex-1 basis-60 flex-wrap items-center gap-x-2';

/** Who takes the readings, and the instrument: every reading has both; settings have only the name. */
export const PersonLine = ({ hasInstrument = true }: { hasInstrument?: boolean }) => {
  const { author, instrument, set } = usePerson();
  const { names, instruments } = useAtWork();
  const isOnDevice = useIsOnDevice();
  const sign = useJob((job) => job.sign);
  const waits = useJob((job) => unnamedCount(job) > 0);
  const choose = (name: string) => {
    set({ author: name });
    if (waits) sign(name);
  };
  return (
    <div className="my-3 flex flex-wrap gap-x-4 gap-y-1 border-b border-line pb-2">
      <label className={FRAME}>
        <span className="eyebrow shrink-0">{hasInstrument ? 'Readings by' : 'Set by'}</span>
        <select
          id="reading-author"
          value={author}
          onChange={(event) => choose(event.target.value)}
          className="field-box min-w-0 flex-1 basis-32"
        >
          {[...new Set([author, ...names])].map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </label>
      {hasInstrument && (
        <label className={FRAME}>
          <span className="eyebrow shrink-0">Instrument</span>
          <input
            id="reading-instrument"
            value={instrument}
            maxLength={80}
            autoComplete="off"
            list={instruments.length > 0 ? 'crew-instruments' : undefined}
            onChange={(event) => set({ instrument: event.target.value })}
            className="field-box min-w-0 flex-1 basis-32"
          />
          <datalist id="crew-instruments">
            {instruments.map((each) => (
              <option key={each.name}>{instrumentWords(each)}</option>
            ))}
          </datalist>
        </label>
      )}
      {hasInstrument && isOnDevice && isCalibrationOver(instrument, new Date().toISOString()) && (
        <p className="basis-full text-sm font-medium text-warn">
          Its calibration has expired. Use another instrument, or the record will show it next to your readings.
        </p>
      )}
    </div>
  );
};
