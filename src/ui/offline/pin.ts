import { KEYS, TAB_KEYS } from '../storage/keys';
import { dropSafe, saveSafe } from '../storage/safe-storage';
import { type Read, readStored } from '../storage/stored';

/** A device's PIN for a person's jobs offline. */
interface KeptPin {
  readonly salt: string;
  readonly hash: string;
  /** Consecutive wrong attempts, and until when no more are accepted, ms. */
  readonly wrong: number;
  readonly waitsUntil: number;
}

/** Result of a PIN attempt. */
export type PinTried = 'right' | 'wrong' | { readonly waitsS: number };

/** PIN length, digits. */
export const PIN_DIGITS = /^\d{4,8}$/;
/** Free wrong attempts; after that each doubles the wait. */
const FORGIVEN = 4;
const FIRST_WAIT_MS = 30_000;
const LONGEST_WAIT_MS = 3_600_000;
/** An attacker with the device's storage pays the same: 0.1 s or more per attempt. */
const ROUNDS = 310_000;

const readPin: Read<KeptPin> = (value) => {
  const { salt, hash, wrong, waitsUntil } = (value ?? {}) as Readonly<Record<string, unknown>>;
  return typeof salt === 'string' &&
    typeof hash === 'string' &&
    typeof wrong === 'number' &&
    typeof waitsUntil === 'number'
    ? { ok: true, value: { salt, hash, wrong, waitsUntil } }
    : { ok: false, error: 'is no PIN', path: '' };
};

const bytes = (text: string) => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
const text = (data: ArrayBuffer | Uint8Array) => btoa(String.fromCharCode(...new Uint8Array(data)));

const hashOf = async (pin: string, salt: string): Promise<string> => {
  const key = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, ['deriveBits']);
  const method = { name: 'PBKDF2', hash: 'SHA-256', salt: bytes(salt), iterations: ROUNDS };
  return text(await crypto.subtle.deriveBits(method, key, 256));
};

const kept = (personId: string): KeptPin | null => readStored(KEYS.pin(personId), readPin);
const keep = (personId: string, pin: KeptPin) => saveSafe(KEYS.pin(personId), JSON.stringify(pin));

/** Whether this browser supports a PIN: not on a host name without TLS, where nothing opens offline either. */
export const canHoldPin = (): boolean => globalThis.crypto?.subtle !== undefined;

/** Whether a person's jobs need a PIN here offline. */
export const hasPin = (personId: string): boolean => kept(personId) !== null;

/** Sets or changes a person's PIN on this device. */
export const setPin = async (personId: string, pin: string): Promise<void> => {
  const salt = text(crypto.getRandomValues(new Uint8Array(16)));
  keep(personId, { salt, hash: await hashOf(pin, salt), wrong: 0, waitsUntil: 0 });
  sessionStorage.setItem(TAB_KEYS.opened, personId);
};

export const dropPin = (personId: string): void => dropSafe(KEYS.pin(personId));

/** Whether a person's jobs are unlocked in this tab: no PIN, or the right one was given. */
export const isOpenHere = (personId: string): boolean =>
  !hasPin(personId) || sessionStorage.getItem(TAB_KEYS.opened) === personId;

/** Checks a PIN; the right one unlocks this tab until it is closed. */
export const tryPin = async (personId: string, pin: string): Promise<PinTried> => {
  const known = kept(personId);
  if (!known) return 'right';
  const left = known.waitsUntil - Date.now();
  if (left > 0) return { waitsS: Math.ceil(left / 1000) };
  if ((await hashOf(pin, known.salt)) === known.hash) {
    keep(personId, { ...known, wrong: 0, waitsUntil: 0 });
    sessionStorage.setItem(TAB_KEYS.opened, personId);
    return 'right';
  }
  const wrong = known.wrong + 1;
  const waitMs = wrong <= FORGIVEN ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (wrong - FORGIVEN - 1));
  keep(personId, { ...known, wrong, waitsUntil: waitMs > 0 ? Date.now() + waitMs : 0 });
  return waitMs > 0 ? { waitsS: waitMs / 1000 } : 'wrong';
};
