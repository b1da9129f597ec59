import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { FELT_SHARE } from './felt-share';
import type { HomeownerSigns } from './homeowner-signs';

/** A complaint in the owner's words. */
export interface Complaint {
  readonly id: string;
  readonly words: string;
  /** How well it matches the signs, from 0 to 1; and its weight on a good system. */
  readonly says: (noticed: HomeownerSigns) => number;
  readonly ofSound: number;
  /** Whether the job has what it is about. */
  readonly applies: (facts: Facts) => boolean;
}

const heats = ({ heat, isBlank }: HomeownerSigns) => !isBlank && heat >= FELT_SHARE;
const givesNothing = (share: number) => Math.abs(share) < 0.1;
const is = (yes: boolean, as = 1) => (yes ? as : 0);
const isSet = ({ settingsOff }: HomeownerSigns, id: string) => settingsOff.includes(id);

const complaint = (
  id: string,
  words: string,
  ofSound: number,
  says: Complaint['says'],
  applies: Complaint['applies'] = () => true,
): Complaint => ({ id, words, ofSound, says, applies });

const hasBurner = (facts: Facts) => backupOf(facts) === 'fossil';

/** Complaints, each as likely as it matches the signs. All shares are our judgment. */
export const COMPLAINTS: readonly Complaint[] = [
  complaint('blank', 'No heat, and the display is blank', 0, ({ isBlank }) => is(isBlank)),
  complaint('no-heat', 'No heat and no air', 0, (noticed) =>
    is(!noticed.isBlank && !noticed.blowsInHeat && noticed.heat < 0.3),
  ),
  complaint('blows-cold', 'It blows cold air', 0.1, (noticed) => {
    const { isBlank, blowsInHeat, heat, full } = noticed;
    if (isBlank || !blowsInHeat) return 0;
    if (heat < 0) return 1;
    return givesNothing(heat) ? (givesNothing(full) ? 1 : 0.4) : is(heat < FELT_SHARE, 0.3);
  }),
  complaint('not-enough', 'It can’t keep up on cold nights', 0.1, (noticed) => {
    const { heat, full, emergency, airIsWeak } = noticed;
    if (noticed.isBlank) return 0;
    return Math.max(
      is(isSet(noticed, 'droop')),
      is(full < FELT_SHARE && !givesNothing(heat)),
      is(emergency < FELT_SHARE && !givesNothing(heat), 0.6),
      is(heat < FELT_SHARE && heat > 0.1, 0.6),
      is(airIsWeak, 0.6),
      is(full < FELT_SHARE && givesNothing(heat) && full > 0.1, 0.5),
    );
  }),
  complaint('outdoor-still', 'The outside unit isn’t running', 0.05, (noticed) =>
    is(!noticed.isBlank && noticed.isOutdoorStill, 0.9),
  ),
  complaint('hum', 'The outside unit hums but won’t start', 0, ({ hums }) => is(hums)),
  complaint('dims', 'The lights dim when it starts', 0.01, ({ lightsDim }) => is(lightsDim)),
  complaint('on-off', 'It keeps turning on and off', 0.02, ({ chatters, cyclesShort }) =>
    Math.max(is(chatters), is(cyclesShort, 0.8)),
  ),
  complaint('bill', 'My bill doubled', 0.1, (noticed) => {
    const { full, heat, costsMore, runsUncalled } = noticed;
    return Math.max(
      is(isSet(noticed, 'hasty-backup')),
      is(costsMore, 0.7),
      is(runsUncalled, 0.3),
      is(!noticed.isBlank && heat < FELT_SHARE && full >= 0.4, 0.5),
    );
  }),
  complaint('never-off', 'It never shuts off', 0.1, (noticed) =>
    Math.max(is(noticed.runsUncalled), is(noticed.heat < FELT_SHARE && noticed.heat > 0.3, 0.3)),
  ),
  complaint('fan-always', 'The fan never stops', 0.02, ({ blowsUncalled, runsUncalled }) =>
    is(blowsUncalled && !runsUncalled),
  ),
  complaint('ice', 'The outside unit is a block of ice', 0.03, ({ isIced }) => is(isIced)),
  complaint(
    'steam',
    'Steam coming off the outside unit, and cool air now and then',
    0.3,
    // A thermostat without power calls nothing, so nothing defrosts.
    ({ isBlank, defrostBlowsCold, isCapped }) => (isBlank ? 0 : Math.max(is(defrostBlowsCold, 0.8), is(isCapped, 0.6))),
  ),
  complaint('no-cooling', 'It didn’t cool last summer', 0, (noticed) =>
    is(!noticed.isBlank && noticed.cool < FELT_SHARE, heats(noticed) ? 1 : 0.1),
  ),
  complaint('no-emergency', 'Emergency heat doesn’t do anything', 0, ({ emergency, isBlank, full }) =>
    is(!isBlank && emergency < 0.5, full < FELT_SHARE ? 0.1 : 0.9),
  ),
  complaint('burner', 'The burner lights, then goes out', 0, ({ burnerDropsOut }) => is(burnerDropsOut), hasBurner),
  complaint('same-hour', 'It’s cold at the same time every day', 0.02, (noticed) => is(isSet(noticed, 'schedule'))),
  complaint('check', 'No complaint: seasonal check', 0.3, () => 0),
];

/** Complaints that are possible on a job. */
export const complaintsOf = (facts: Facts): readonly Complaint[] => COMPLAINTS.filter(({ applies }) => applies(facts));

/** Weight of any complaint about anything. */
const STRAY = 0.002;

/**
 * How likely each complaint is, in the catalog's order; they sum to one.
 * @param isSound whether nothing is wrong: then people call for delays, cold nights and expectations
 */
export const complaintShares = (noticed: HomeownerSigns, isSound: boolean): readonly number[] => {
  const raw = COMPLAINTS.map(({ says, ofSound }) => says(noticed) + (isSound ? ofSound : 0) + STRAY);
  // A fault without signs is found on a seasonal check.
  const noticedAtAll = raw.some((share) => share > 10 * STRAY);
  const all = noticedAtAll ? raw : raw.map((share, at) => (COMPLAINTS[at]!.id === 'check' ? 1 : share));
  const sum = all.reduce((total, share) => total + share, 0);
  return all.map((share) => share / sum);
};
