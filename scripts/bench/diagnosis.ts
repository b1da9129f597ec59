import { CAUSE_KINDS } from '../../src/core/causes/cause';
import { DEFAULT_MOMENT } from '../../src/core/control/moment';
import { diagnose, diagnosisContext } from '../../src/core/diagnosis/diagnosis';
import { type DiagnosisRun, runDiagnosis } from '../../src/core/diagnosis/run-diagnosis';
import { tableOf } from '../../src/core/diagnosis/table';
import { jobModel } from '../../src/core/model/job-model';
import { families, type Family } from '../../src/core/wiring/families';

/** Families to play, spread over all, and one cause in this many of each. */
const FAMILIES = 60;
const ONE_CAUSE_IN = 8;

const spread = <T>(all: readonly T[], count: number): T[] =>
  Array.from({ length: count }, (_, at) => all[Math.floor((at * all.length) / count)]!);
const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))]!;

const row = (name: string, games: readonly DiagnosisRun[]): string => {
  const probes = games.map((game) => game.probes.length);
  const seconds = games.map(({ end }) => Math.round(end.seconds));
  const right = games.filter(({ isRight }) => isRight).length;
  const live = games.reduce((sum, game) => sum + game.live, 0);
  const three = (values: readonly number[]) =>
    [quantile(values, 0.5), quantile(values, 0.95), Math.max(...values)]
      .map((value) => String(value).padStart(5))
      .join('');
  return `${name.padEnd(16)}${String(games.length).padStart(5)}  probes${three(probes)}  seconds${three(seconds)}  right ${((100 * right) / games.length).toFixed(1).padStart(5)} %  live ${live}`;
};

const timeOf = (work: () => void): string => {
  const began = performance.now();
  work();
  return `${Math.round(performance.now() - began)} ms`;
};

/** Times for the largest family: its table once, then each answer. */
const largest = (all: readonly Family[]): void => {
  const sized = spread(all, 40).map((family) => ({ family, size: tableOf(jobModel(family.facts), DEFAULT_MOMENT) }));
  const most = sized.reduce((a, b) =>
    b.size.causes.length * b.size.probes.length > a.size.causes.length * a.size.probes.length ? b : a,
  );
  const { facts, id } = most.family;
  let clinic = diagnosisContext(tableOf(jobModel(facts), DEFAULT_MOMENT));
  const whole = timeOf(() => {
    clinic = diagnosisContext(tableOf(jobModel({ ...facts }), DEFAULT_MOMENT));
    clinic.table.complaints();
  });
  const answer = timeOf(() => diagnose(clinic, { complaint: 'outdoor-still', evidence: [], skipped: [] }));
  console.log(
    `diagnosis, largest of 40 families (${id}): ${most.size.causes.length} causes × ${most.size.probes.length} probes in ${whole}, an answer to the next probe in ${answer}`,
  );
};

/** Prints the effort to name a cause by kind, with exact and noisy meters. */
const diagnosisBench = (): void => {
  const all = families();
  largest(all);
  for (const noise of [false, true]) {
    const games = new Map<string, DiagnosisRun[]>();
    const wrong = new Map<string, number>();
    spread(all, FAMILIES).forEach((family, at) => {
      const clinic = diagnosisContext(tableOf(jobModel(family.facts), DEFAULT_MOMENT));
      clinic.table.causes.forEach((cause, index) => {
        if (index % ONE_CAUSE_IN !== at % ONE_CAUSE_IN) return;
        const game = runDiagnosis(clinic, cause, noise ? 1 + at * 1000 + index : null);
        games.set(cause.kind, [...(games.get(cause.kind) ?? []), game]);
        const name = cause.id.replace(/cable\/.*/, 'cable');
        if (!game.isRight) wrong.set(name, (wrong.get(name) ?? 0) + 1);
      });
    });
    console.log(
      `\n${noise ? 'Noisy meters, complaints as they come' : 'Exact meters, the likeliest complaint'}: median, 95th percentile, worst`,
    );
    for (const [kind, label] of Object.entries(CAUSE_KINDS))
      if (games.has(kind)) console.log(row(label, games.get(kind)!));
    const every = [...games.values()].flat();
    console.log(row('All kinds', every));
    console.log(
      row(
        '…without “check”',
        every.filter(({ complaint }) => complaint !== 'check'),
      ),
    );
    const misses = [...wrong].sort((a, b) => b[1] - a[1]).slice(0, 8);
    console.log(`Not named: ${misses.map(([id, count]) => `${id} ×${count}`).join(', ') || 'none'}`);
  }
};

diagnosisBench();
