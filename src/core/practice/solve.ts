import { needsCompressor, setAt } from '../diagnosis/cost';
import { diagnose, type Diagnosis } from '../diagnosis/diagnosis';
import { SAFE_KINDS } from '../diagnosis/next-probe';
import { callOf, type Probe } from '../diagnosis/probe';
import { freeProbe, pointsAt } from '../diagnosis/probes/free';
import { shownKeys } from '../setup/face/face';
import type { Act } from './act';
import { PLACES } from './places';
import { act, beginRound, type Bench, entryOfLook, isSeenBlank, type Rig } from './rig';

/** Maximum steps that a technician accepts. */
const MOST_PROBES = 30;

const done = (bench: Bench, rig: Rig, what: Act): Rig => {
  const acted = act(bench, rig, what);
  if (!acted.ok) throw new Error(`${JSON.stringify(what)}: ${acted.why}`);
  return acted.rig;
};

/** Steps through the thermostat’s menus to an entry, forward or back. */
const atEntry = (bench: Bench, from: Rig, entry: string): Rig => {
  let rig = from;
  if (!rig.face.isReady) rig = done(bench, rig, { kind: 'keys', key: 'before' });
  if (!rig.face.isIn && !isSeenBlank(rig)) rig = done(bench, rig, { kind: 'keys', key: 'enter' });
  if (isSeenBlank(rig)) return rig;
  const shown = shownKeys(rig.face);
  const steps = shown.indexOf(entry) - (rig.face.at === null ? -1 : shown.indexOf(rig.face.at));
  for (let step = 0; step < Math.abs(steps); step++)
    rig = done(bench, rig, { kind: 'keys', key: steps > 0 ? 'next' : 'back' });
  return rig;
};

/** The act that reads a probe: by name, or with two probes if it is not listed. */
const readingOf = ({ clinic: { table } }: Bench, { id, of: { observable } }: Probe): Act => {
  if (table.probeById(id) || observable.kind !== 'ohms') return { kind: 'probe', id };
  const [red, black] = observable.between;
  return { kind: 'meter', red, black, by: 'ohms' };
};

/** All acts for a probe from the present place, the probe last. */
const taken = (bench: Bench, from: Rig, probe: Probe): Rig => {
  let rig = from;
  const to = (what: Act) => {
    rig = done(bench, rig, what);
  };
  const walk = (place: Rig['place']) => rig.place !== place && to({ kind: 'walk', to: place });
  const call = callOf(probe);
  const entry = entryOfLook(bench, probe);
  // Menus need a live thermostat.
  if (entry !== undefined && rig.isDead) to({ kind: 'energize' });
  if (probe.kind === 'dead') {
    if (!rig.isDead) to({ kind: 'isolate' });
  } else if (call !== null) {
    if (rig.isDead) to({ kind: 'energize' });
    if (rig.call !== call) {
      walk(setAt(call));
      to({ kind: 'call', call });
    }
  }
  walk(probe.place);
  if (probe.needsPanel && !rig.opened.includes(probe.place)) to({ kind: 'open' });
  const left = rig.runsFrom - rig.seconds;
  if (needsCompressor(probe) && left > 0) to({ kind: 'wait', seconds: left });
  if (entry !== undefined) rig = atEntry(bench, rig, entry);
  // Someone who found a blank display thinks again.
  if (entry !== undefined && rig.face.at !== entry) return rig;
  to(readingOf(bench, probe));
  return rig;
};

const named = ({ standpoint, suspects }: Diagnosis): readonly string[] =>
  standpoint.kind === 'pair' ? standpoint.pairs[0]!.causes.map(({ id }) => id) : [suspects[0]!.causes[0]!.id];

/** A round as the diagnosis plays it, with some looks first. */
const lineOf = (bench: Bench, looksFirst: readonly Probe[]): Rig => {
  let rig = beginRound(bench);
  const inMenus = bench.clinic.table.probes
    .filter((probe) => entryOfLook(bench, probe) !== undefined)
    .map(({ id }) => id);
  for (const probe of looksFirst) rig = taken(bench, rig, probe);
  for (;;) {
    const skipped = isSeenBlank(rig) ? inMenus : [];
    const now = diagnose(bench.clinic, { complaint: rig.complaint, evidence: rig.evidence, skipped });
    const next = now.offers[0];
    if (now.standpoint.kind !== 'open' || !next || rig.evidence.length >= MOST_PROBES)
      return done(bench, rig, { kind: 'name', causes: named(now) });
    rig = taken(bench, rig, next.probe);
  }
};

/** Ohms from R to each other terminal of a device, not on any probe list: a stuck contact shows there. */
const contactOhms = ({ clinic: { table } }: Bench): Probe[] =>
  PLACES.flatMap((spot) =>
    pointsAt(table.model.wall.harness, spot).flatMap(({ id, points }) =>
      points.flatMap(({ mark }) => {
        const [red, black] = [
          { device: id, mark: 'R' },
          { device: id, mark },
        ];
        return freeProbe(table.model.facts, table.model.wall.harness, spot, { red, black, by: 'ohms' }, 'off') ?? [];
      }),
    ),
  );

/** The safe look at which the actual cause differs most from the named one; undefined: none separates them. */
const partsThem = (bench: Bench, mistaken: readonly string[]): Probe | undefined => {
  const { table } = bench.clinic;
  const { truth } = bench;
  const at = (ids: readonly string[]) => table.causes.findIndex(({ id }) => ids.includes(id));
  const [real, other] = [at(truth), at(mistaken)];
  const apart = (probe: Probe): number => {
    const { of, outcomes } = table.row(probe);
    const [one, two] = [outcomes[of[real]!]!, outcomes[of[other]!]!];
    return one.reduce((sum, p, bin) => sum + Math.abs(p - two[bin]!), 0);
  };
  const safe = table.probes.filter(({ kind }) => SAFE_KINDS.includes(kind));
  return [...safe, ...contactOhms(bench)]
    .map((probe) => ({ probe, apart: apart(probe) }))
    .filter((each) => each.apart > 1)
    .sort((one, two) => two.apart - one.apart || one.probe.seconds - two.probe.seconds)[0]?.probe;
};

/** Maximum careful looks before thinking. */
const MOST_LOOKS = 3;

/**
 * A round played by the diagnosis with a person's acts: the standard for the score. If it names another cause, as with
 * a fault that no one notices, a look that separates the two comes first.
 */
export const solveRound = (bench: Bench): Rig => {
  let looks: readonly Probe[] = bench.looksFirst.map((id) => bench.clinic.table.probeById(id)!);
  for (;;) {
    const rig = lineOf(bench, looks);
    if (rig.end?.kind !== 'named' || rig.end.isRight || looks.length >= MOST_LOOKS) return rig;
    const look = partsThem(bench, rig.end.causes);
    if (!look || looks.some(({ id }) => id === look.id)) return rig;
    looks = [...looks, look];
  }
};
