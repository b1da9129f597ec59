import { needsCompressor, setAt } from '../diagnosis/cost';
import { diagnose, type Diagnosis } from '../diagnosis/diagnosis';
import { callOf, type Probe } from '../diagnosis/probe';
import type { Act } from './act';
import { act, beginRound, type Bench, type Rig } from './rig';

/** More than this a technician does not stand. */
const MOST_PROBES = 30;

const done = (bench: Bench, rig: Rig, what: Act): Rig => {
  const acted = act(bench, rig, what);
  if (!acted.ok) throw new Error(`${JSON.stringify(what)}: ${acted.why}`);
  return acted.rig;
};

/** Everything that a probe takes from where somebody stands, the probe last. */
const taken = (bench: Bench, from: Rig, probe: Probe): Rig => {
  let rig = from;
  const to = (what: Act) => {
    rig = done(bench, rig, what);
  };
  const walk = (place: Rig['place']) => rig.place !== place && to({ kind: 'walk', to: place });
  const call = callOf(probe);
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
  to({ kind: 'probe', id: probe.id });
  return rig;
};

const named = ({ standpoint, suspects }: Diagnosis): readonly string[] =>
  standpoint.kind === 'pair' ? standpoint.pairs[0]!.causes.map(({ id }) => id) : [suspects[0]!.causes[0]!.id];

/** A round as the diagnosis itself plays it, by the acts that a person has: the line that a score is held to. */
export const solveRound = (bench: Bench): Rig => {
  let rig = beginRound(bench);
  for (const id of bench.looksFirst) rig = taken(bench, rig, bench.clinic.table.probeById(id)!);
  for (;;) {
    const now = diagnose(bench.clinic, { complaint: rig.complaint, evidence: rig.evidence, skipped: [] });
    const next = now.offers[0];
    if (now.standpoint.kind !== 'open' || !next || rig.evidence.length >= MOST_PROBES)
      return done(bench, rig, { kind: 'name', causes: named(now) });
    rig = taken(bench, rig, next.probe);
  }
};
