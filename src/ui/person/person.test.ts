import { memoryStorage } from '../storage/memory-storage';
import { restorePerson, usePerson } from './person';

const KEY = 'gate-cross:person';

beforeEach(() => {
  Object.assign(globalThis, { localStorage: memoryStorage() });
  usePerson.setState({ author: '', instrument: '' });
});

const who = () => {
  const { author, instrument } = usePerson.getState();
  return { author, instrument };
};

test('person and instrument are remembered after a reload', () => {
  usePerson.getState().set({ author: 'E. Valtonen' });
  usePerson.getState().set({ instrument: 'clamp 2' });
  usePerson.setState({ author: '', instrument: '' });
  restorePerson();
  expect(who()).toEqual({ author: 'E. Valtonen', instrument: 'clamp 2' });
});

test('data from an older page is read', () => {
  localStorage.setItem(KEY, '{"state":{"author":"E. Valtonen","instrument":"meter 1"},"version":0}');
  restorePerson();
  expect(who()).toEqual({ author: 'E. Valtonen', instrument: 'meter 1' });
});

test.each(['', 'not json', '{}', 'null', '{"state":null}'])('unreadable data (%p) changes nothing', (text) => {
  usePerson.setState({ author: 'I. Brandvold', instrument: 'meter 1' });
  localStorage.setItem(KEY, text);
  restorePerson();
  expect(who()).toEqual({ author: 'I. Brandvold', instrument: 'meter 1' });
});

test('a device without storage space still knows who works until it is reloaded', () => {
  const full = () => {
    throw new Error('full');
  };
  Object.assign(globalThis, { localStorage: { getItem: () => null, setItem: full } });
  usePerson.getState().set({ author: 'E. Valtonen' });
  expect(who().author).toBe('E. Valtonen');
});
