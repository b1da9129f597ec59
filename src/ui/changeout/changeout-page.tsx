'use client';

import { useMemo } from 'react';
import { moveList } from '@/core/changeout/move-list';
import { nextReading } from '@/core/changeout/next-reading';
import { oldWallOf, oldWallProblems } from '@/core/changeout/old-wiring';
import { takenOver } from '@/core/changeout/take-over';
import { understoodOldWall } from '@/core/changeout/understood';
import { FactField } from '../fields/fact-field';
import { PairList } from '../fields/pair-list';
import { useMoment } from '../job/deferred-model';
import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';
import { Cautions } from '../stop-work/cautions';
import { StopBanner } from '../stop-work/stop-banner';
import { Moves } from './moves';
import { NextMeter } from './next-meter';
import { TypedWallBox } from './old-wiring-box';
import { Subbase } from './subbase';
import { useOldWall } from './use-old-wiring';

const CAUTIONS = [
  'Thick conductors, wire nuts, or 120 or 240 V at this wall: no 24 V thermostat hangs there. Stop.',
  'Power off and proven dead at furnace or air handler and outdoor unit before a conductor is moved. Readings live only if trained.',
  'An old thermostat with a glass bulb holds mercury: keep it whole, and take it where it is collected.',
  'The makers’ instructions, local code and licensed practice come first.',
];

export const ChangeoutPage = () => {
  const facts = useJob((job) => job.facts);
  const { outdoorF } = useMoment();
  const { isBegun, jumpers, setJumpers, settings, setSettings } = useOldWall();
  const wall = useMemo(() => oldWallOf(facts), [facts]);
  const known = useMemo(() => understoodOldWall(facts) ?? [], [facts]);
  const next = useMemo(() => (wall ? nextReading(wall, outdoorF) : null), [wall, outdoorF]);
  const list = useMemo(() => moveList(facts), [facts]);
  const takes = useMemo(() => takenOver(facts), [facts]);
  const problems = useMemo(() => (wall ? oldWallProblems(wall) : []), [wall]);
  return (
    <div className="mx-auto max-w-6xl px-3 py-2 sm:px-6">
      <StopBanner />
      <Cautions place="changeout" lines={CAUTIONS} />
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-label text-3xl font-semibold">Old thermostat to new</h2>
        <JobLink to="wiring">The new wiring</JobLink>
      </div>
      <div className="grid grid-cols-1 items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <div className="grid min-w-0 grid-cols-1 gap-2">
          <Subbase known={known} />
          {problems.length > 0 && (
            <ul aria-label="Look again" role="alert">
              {problems.map((words) => (
                <li key={words} className="font-medium text-fail">
                  {words}
                </li>
              ))}
            </ul>
          )}
          <FactField path="changeout.oldSystem" />
          <TypedWallBox />
          <PairList
            title="Jumpers on it"
            one="From"
            other="To"
            most={[8, 8]}
            between="–"
            pairs={jumpers.map(({ one, other }) => [one, other])}
            onChange={(pairs) => setJumpers(pairs.map(([one, other]) => ({ one, other })))}
          />
          <PairList
            title="What its settings said"
            one="Setting"
            other="Says"
            most={[60, 60]}
            between=": "
            pairs={settings.map(({ name, value }) => [name, value])}
            onChange={(pairs) => setSettings(pairs.map(([name, value]) => ({ name, value })))}
          />
        </div>
        <div className="grid min-w-0 grid-cols-1 gap-6">
          {isBegun && known.length > 0 ? (
            <>
              <NextMeter next={next} known={known} />
              {list && <Moves list={list} takes={takes} />}
            </>
          ) : (
            <p className="max-w-prose text-quiet">
              Write down every conductor before the first screw is turned: its letter, its color, and what the board at
              its other end calls it. Then it is said here what each one does, what to meter where that is not known
              yet, and where it goes on the new thermostat. Letters and colors are no proof.
            </p>
          )}
        </div>
      </div>
    </div>
  );
};
