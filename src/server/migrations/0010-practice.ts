import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/** Practice rounds of crew members, separate from jobs. */
export const name = '0010-practice';

const CREW = `(SELECT current_setting('app.crew')::uuid)`;

const statements = [
  `CREATE TABLE practice_rounds (
     crew_id UUID NOT NULL DEFAULT current_setting('app.crew')::uuid REFERENCES crews (id),
     id UUID NOT NULL,
     person_id UUID NOT NULL,
     round TEXT NOT NULL,
     seed INTEGER NOT NULL,
     is_endless BOOLEAN NOT NULL,
     title TEXT NOT NULL,
     result TEXT NOT NULL,
     seconds REAL NOT NULL,
     best_seconds REAL NOT NULL,
     readings INTEGER NOT NULL,
     best_readings INTEGER NOT NULL,
     told_nothing INTEGER NOT NULL,
     at TIMESTAMPTZ NOT NULL,
     PRIMARY KEY (crew_id, id),
     CONSTRAINT practice_rounds_person
       FOREIGN KEY (crew_id, person_id) REFERENCES people (crew_id, id) ON DELETE CASCADE)`,
  `CREATE INDEX practice_rounds_newest ON practice_rounds (crew_id, person_id, at DESC)`,
  `ALTER TABLE practice_rounds ENABLE ROW LEVEL SECURITY`,
  `ALTER TABLE practice_rounds FORCE ROW LEVEL SECURITY`,
  `CREATE POLICY own_crew ON practice_rounds USING (crew_id = ${CREW}) WITH CHECK (crew_id = ${CREW})`,
];

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of statements) await schema.sequelize.query(statement, within);
};
