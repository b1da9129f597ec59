import { closeDatabase } from '@/server/database';
import { signInAs } from '@/server/http/test-request';
import { attack } from './attack';

beforeAll(() => signInAs('lead'));
afterAll(closeDatabase);

const COUNT = Number(process.env.ATTACK_COUNT ?? 400);
const SEED = Number(process.env.ATTACK_SEED ?? 20_260_101);

test(
  `${COUNT} broken files and requests: each is accepted or refused, none crashes, hangs or is lost`,
  async () => {
    const tallies = await attack(COUNT, SEED, process.env.ATTACK_KIND);
    const lines = tallies.map(({ kind, taken, refused, crashed, hung, lost, slowestMs, worst }) =>
      [kind.padEnd(18), taken, refused, crashed, hung, lost, `${Math.round(slowestMs)} ms`, worst].join('\t'),
    );
    process.stdout.write(
      `${['kind              \ttaken\trefused\tcrashed\thung\tlost\tslowest', ...lines].join('\n')}\n`,
    );
    expect(tallies.filter(({ worst }) => worst !== '')).toEqual([]);
    expect(tallies.every(({ refused }) => refused > 0)).toBe(true);
  },
  120_000 + COUNT * 400,
);
