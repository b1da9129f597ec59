import { DEFAULT_MOMENT } from '../control/moment';
import { handoverRecord } from '../handover/record';
import type { OldConductorRow } from '../job/facts/changeout';
import { jobModel } from '../model/job-model';
import { families } from '../wiring/families';
import { identifiedOldWiring } from './understood';

const { facts } = families()[0]!;

test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty', 'valueOf'])(
  'a conductor called “%s”, by color, letter or board position, breaks neither the old wiring nor the record',
  (word) => {
    const rows = [
      { colour: word, letter: 'R', board: 'R' },
      { colour: 'white', letter: word, board: 'W' },
      { colour: 'green', letter: 'G', board: word },
    ] as OldConductorRow[];
    const odd = { ...facts, changeout: { ...facts.changeout, subbase: rows, oldSystem: 'conventional' as const } };
    expect(identifiedOldWiring(odd)).toBeDefined();
    expect(jobModel(odd).planned.conductors.length).toBeGreaterThan(0);
    const record = handoverRecord(
      { facts: odd, confirmed: new Set(), readings: [], settingMarks: [], visit: undefined },
      DEFAULT_MOMENT,
    );
    expect(record.facts.length).toBeGreaterThan(0);
  },
);
