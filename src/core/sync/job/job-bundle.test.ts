import { assumedFacts, blankJob, withFact } from '../../job/document';
import { NO_HISTORY } from '../../job/stored-job';
import { readJobBundle } from './job-bundle';

const crew = { personId: 'ana', me: 'Ana', role: 'technician', names: ['Ana'], instruments: [] };
const job = {
  ...NO_HISTORY,
  id: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001',
  revision: 3,
  document: { ...blankJob(), facts: withFact(assumedFacts(), 'house.noLoadF', 57) },
  handedOverAt: null,
  archivedAt: null,
  updatedAt: '2026-02-01T10:00:00.000Z',
  updatedBy: 'Ana',
};
const bundle = { job, crew, note: null, weather: [], handovers: [], profiles: [] };

test('what this version saved is read as it is', () => expect(readJobBundle(bundle)).toEqual(bundle));

test('what an older version saved opens: facts and lists that did not exist yet are filled in', () => {
  const { visits: _, settingMarks: __, ...oldJob } = job;
  const { changeout: ___, ...facts } = job.document.facts;
  const old = { job: { ...oldJob, document: { ...job.document, facts } }, crew, weather: [] };
  expect(readJobBundle(old)).toEqual(bundle);
});

test.each([
  null,
  'text',
  {},
  { ...bundle, crew: {} },
  { ...bundle, job: { ...job, revision: 'three' } },
  { ...bundle, job: { ...job, document: null } },
  { ...bundle, job: { ...job, readings: [{ value: 3 }] } },
])('none: %#', (value) => expect(readJobBundle(value)).toBe(null));
