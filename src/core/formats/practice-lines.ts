import { parseJson, parseWith } from '../border/parse';
import { COMPLAINTS } from '../diagnosis/complaints';
import { callOf } from '../diagnosis/probe';
import { actSchema } from '../practice/act-schema';
import { act, beginRound, type Bench, type Rig } from '../practice/rig';
import type { Round } from '../practice/round';
import { replay, scoreRound } from '../practice/score';
import { thermostatMenu } from '../practice/thermostat-menu';
import { roundTo } from '../units/round';
import { probeLine, type Talk } from './diagnosis-lines';

/** Observations and places of a round's house, as lines. */
export const practiceProbes = ({ clinic }: Bench) =>
  clinic.table.probes.map((probe) => ({
    ...probeLine(probe),
    place: probe.place,
    kind: probe.kind,
    needsPanel: probe.needsPanel,
  }));

const standing = ({ place, call, isDead, opened, seconds }: Rig) => ({ place, call, isDead, opened, seconds });

/** Result of a round, with what it teaches and the suspects after each act. */
const endLines = (round: Round, bench: Bench, best: Bench, rig: Rig) => {
  const again = replay(bench, rig);
  return [
    { end: rig.end, score: scoreRound(bench, rig, best, again), truth: round.causes, teaches: round.teaches },
    ...again.map(({ act: what, seconds, suspects, bits, better }) => ({
      act: what,
      seconds,
      suspects: suspects.map(({ causes, p }) => ({ id: causes[0]!.id, p: roundTo(p, 4) })),
      ...(bits === null ? {} : { bits: roundTo(bits, 3) }),
      ...(better ? { better: { id: better.id, call: callOf(better), words: better.words } } : {}),
    })),
  ];
};

/**
 * A round by lines: each incoming line is an act, each outgoing line its result.
 * @param best the same round on a separate bench, for the score
 */
export const practiceTalk = (round: Round, bench: Bench, best: Bench): Talk => {
  let rig = beginRound(bench);
  const says = COMPLAINTS.find(({ id }) => id === rig.complaint)?.words ?? '';
  return {
    first: [{ round: round.id, title: round.title, complaint: rig.complaint, says, ...standing(rig) }],
    next: (line) => {
      const json = parseJson(line);
      const said = json.ok ? parseWith(actSchema, json.value) : json;
      if (!said.ok) return { write: [{ error: said.error, path: said.path }], isOver: false };
      const acted = act(bench, rig, said.value);
      if (!acted.ok) return { write: [{ cannot: acted.why }], isOver: false };
      rig = acted.rig;
      if (rig.end) return { write: endLines(round, bench, best, rig), isOver: true };
      const { seen } = rig.done.at(-1)!;
      const menu = said.value.kind === 'keys' ? { menu: thermostatMenu(bench.wall(), rig.face) } : {};
      return { write: [{ ...(seen && { answer: seen.answer }), ...menu, ...standing(rig) }], isOver: false };
    },
  };
};
