import { isAssumed } from './assumed';
import { assumedFacts, type FactPath } from './document';

const NOBODY: ReadonlySet<FactPath> = new Set();

describe('a fact is assumed', () => {
  const facts = assumedFacts();
  test('until someone confirms it', () => {
    expect(isAssumed(facts, NOBODY, 'outdoorUnit.reversingValve')).toBe(true);
    expect(isAssumed(facts, new Set<FactPath>(['outdoorUnit.reversingValve']), 'outdoorUnit.reversingValve')).toBe(
      false,
    );
  });

  test('only if it has a value: a blank serial number assumes nothing, a typed one does', () => {
    expect(isAssumed(facts, NOBODY, 'outdoorUnit.serial')).toBe(false);
    const typed = { ...facts, outdoorUnit: { ...facts.outdoorUnit, serial: 'A1' } };
    expect(isAssumed(typed, NOBODY, 'outdoorUnit.serial')).toBe(true);
  });

  test('only if it applies: a house without a furnace assumes no furnace output', () => {
    const dual = { ...facts, system: { ...facts.system, backup: 'furnace' as const } };
    expect(isAssumed(facts, NOBODY, 'furnace.outputBtuh')).toBe(false);
    expect(isAssumed(dual, NOBODY, 'furnace.outputBtuh')).toBe(true);
  });
});
