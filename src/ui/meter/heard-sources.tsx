'use client';

import { useState } from 'react';
import { useDegrees } from '../degrees/degrees';
import { METER_ADDRESS, outdoorF, outdoorHumidity, useHeard } from './heard';

/** Outdoor sensor reading, and whether the needle follows it. */
const OutdoorSensor = () => {
  const { text } = useDegrees();
  const degrees = useHeard(outdoorF);
  const humidity = useHeard(outdoorHumidity);
  const isFollowed = useHeard(({ followsOutdoors }) => followsOutdoors);
  const follow = useHeard((state) => state.follow);
  if (degrees === null) return null;
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input type="checkbox" checked={isFollowed} onChange={(event) => follow(event.target.checked)} />
      <span>
        Follow the outdoor sensor: <b className="font-mono">{text(degrees)}</b>
        {humidity !== null && `, ${humidity} % humidity`}
      </span>
    </label>
  );
};

/** The meter in use, how to choose another, and whether the needle follows the outdoor sensor. */
export const HeardSources = () => {
  const source = useHeard((state) => state.source);
  const link = useHeard((state) => state.link);
  const listen = useHeard((state) => state.listen);
  const stop = useHeard((state) => state.stop);
  const [address, setAddress] = useState(source?.kind === 'address' ? source.address : METER_ADDRESS);
  return (
    <>
      <form
        className="grid gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          listen({ kind: 'address', address: address.trim() });
        }}
      >
        <label className="block">
          <span className="eyebrow">Meter on this machine</span>
          <input
            className="field-box w-full font-mono text-sm"
            type="url"
            required
            pattern="http://(127\.0\.0\.1|localhost)(:\d+)?/.*"
            title={`An address of this machine, such as ${METER_ADDRESS}`}
            value={address}
            onChange={(event) => setAddress(event.target.value)}
          />
        </label>
        <button type="submit" className="plain-button">
          Listen to it
        </button>
      </form>
      <button type="button" className="plain-button" onClick={() => listen({ kind: 'simulated' })}>
        Listen to the simulated meter
      </button>
      <p className="text-sm text-quiet">
        The simulated meter is a page of the Library: open it in another window.{' '}
        <a className="text-link" href="/library/meter" target="_blank" rel="noreferrer">
          Open it
        </a>
      </p>
      {link === 'lost' && (
        <p role="alert" className="text-sm font-medium text-fail">
          Nothing is responding at {source?.kind === 'address' ? source.address : 'the meter'}. Is it running?
        </p>
      )}
      {source && (
        <button type="button" className="bare-button px-1 text-link" onClick={stop}>
          Stop listening
        </button>
      )}
      <OutdoorSensor />
    </>
  );
};
