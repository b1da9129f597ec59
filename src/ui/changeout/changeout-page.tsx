'use client';

import { useMemo } from 'react';
import { moveList } from '@/core/changeout/move-list';
import { nextReading } from '@/core/changeout/next-reading';
import { oldWiringOf, oldWiringProblems } from '@/core/changeout/old-wiring';
import { withKeptFacts } from '@/core/changeout/take-over';
import { identifiedOldWiring } from '@/core/changeout/understood';
import { FactField } from '../fields/fact-field';
import { PairList } from '../fields/pair-list';
import { useMoment } from '../job/deferred-model';
import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';
import { Cautions } from '../stop-work/cautions';
import { StopBanner } from '../stop-work/stop-banner';
import { Moves } from './moves';
import { NextMeter } from './next-meter';
import { OldWiringBox } from './old-wiring-box';
import { Subbase } from './subbase';
import { useOldWiring } from './use-old-wiring';

const CAUTIONS = [
  'Stop: heavy wire, wire nuts, or 120/240 V here means a line-voltage thermostat, not 24 V.',
  'Turn off and verify dead both the indoor and the outdoor unit before you move a wire. Live readings only if trained.',
  'An old thermostat with a glass bulb contains mercury: do not break it; take it to a mercury recycling drop-off.',
  'The manufacturers’ instructions, local code and licensed practice come first.',
];

export const ChangeoutPage = () => {
  const facts = useJob((job) => job.facts);
  const { outdoorF } = useMoment();
  const { isBegun, jumpers, setJumpers, settings, setSettings } = useOldWiring();
  const wall = useMemo(() => oldWiringOf(facts), [facts]);
  const known = useMemo(() => identifiedOldWiring(facts) ?? [], [facts]);
  const next = useMemo(() => (wall ? nextReading(wall, outdoorF) : null), [wall, outdoorF]);
  const list = useMemo(() => moveList(facts), [facts]);
  const takes = useMemo(() => withKeptFacts(facts), [facts]);
  const problems = useMemo(() => (wall ? oldWiringProblems(wall) : []), [wall]);
  return (
    <div className="mx-auto max-w-6xl px-3 py-2 sm:px-6">
      <StopBanner />
      <Cautions place="changeout" lines={CAUTIONS} />
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h2 className="page-head">Old thermostat to new</h2>
        <JobLink to="wiring">The new wiring</JobLink>
      </div>
      <div className="grid grid-cols-1 items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <div className="grid min-w-0 grid-cols-1 gap-2">
          <Subbase known={known} />
          {problems.length > 0 && (
            <ul aria-label="Recheck" role="alert">
              {problems.map((words) => (
                <li key={words} className="font-medium text-fail">
                  {words}
                </li>
              ))}
            </ul>
          )}
          <FactField path="changeout.oldSystem" />
          <OldWiringBox />
          <PairList
            title="Old thermostat jumpers"
            one="From"
            other="To"
            most={[8, 8]}
            between="–"
            pairs={jumpers.map(({ one, other }) => [one, other])}
            onChange={(pairs) => setJumpers(pairs.map(([one, other]) => ({ one, other })))}
          />
          <PairList
            title="Old thermostat settings"
            one="Setting"
            other="Value"
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
              Record every conductor before you turn a screw: its letter, its color, and the terminal at its other end.
              The app then shows what each one does, what to meter if that is not clear, and where it goes on the new
              thermostat. Letters and colors prove nothing.
            </p>
          )}
        </div>
      </div>
    </div>
  );
};
