import { dropSafe, saveSafe } from '../storage/safe-storage';

/** A PIN that a device asks for before it shows a person's jobs offline. */
interface KeptPin {
  readonly salt: string;
  readonly hash: string;
  /** Wrong ones in a row, and until when no more are taken, ms. */
  readonly wrong: number;
  readonly waitsUntil: number;
}

/** What came of trying a PIN. */
export type PinTried = 'right' | 'wrong' | { readonly waitsS: number };

/** Digits of a PIN. */
export const PIN_DIGITS = /^\d{4,8}$/;
/** This many wrong ones are forgiven; from then on each costs twice the wait of the one before. */
const FORGIVEN = 4;
const FIRST_WAIT_MS = 30_000;
const LONGEST_WAIT_MS = 3_600_000;
/** Tries of an attacker who has the device's storage cost as much: 0.1 s each and more. */
const ROUNDS = 310_000;

const keyOf = (personId: string) => `gate-cross:pin:${personId}`;
const OPENED = 'gate-cross:opened';

const bytes = (text: string) => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
const text = (data: ArrayBuffer | Uint8Array) => btoa(String.fromCharCode(...new Uint8Array(data)));

const hashOf = async (pin: string, salt: string): Promise<string> => {
  const key = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, ['deriveBits']);
  const method = { name: 'PBKDF2', hash: 'SHA-256', salt: bytes(salt), iterations: ROUNDS };
  return text(await crypto.subtle.deriveBits(method, key, 256));
};

const kept = (personId: string): KeptPin | null => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(personId)) ?? 'null') as KeptPin | null;
  } catch {
    return null;
  }
};
const keep = (personId: string, pin: KeptPin) => saveSafe(keyOf(personId), JSON.stringify(pin));

/** Whether this browser can hold a PIN: over a name without TLS it cannot, and opens nothing offline either. */
export const canHoldPin = (): boolean => globalThis.crypto?.subtle !== undefined;

/** Whether a person's jobs ask for a PIN here offline. */
export const hasPin = (personId: string): boolean => kept(personId) !== null;

/** Sets a person's PIN on this device, or another one. */
export const setPin = async (personId: string, pin: string): Promise<void> => {
  const salt = text(crypto.getRandomValues(new Uint8Array(16)));
  keep(personId, { salt, hash: await hashOf(pin, salt), wrong: 0, waitsUntil: 0 });
  sessionStorage.setItem(OPENED, personId);
};

export const dropPin = (personId: string): void => dropSafe(keyOf(personId));

/** Whether a person's jobs are open in this tab: no PIN is asked for, or the right one was given. */
export const isOpenHere = (personId: string): boolean =>
  !hasPin(personId) || sessionStorage.getItem(OPENED) === personId;

/** Tries a PIN; the right one opens this tab until it is closed. */
export const tryPin = async (personId: string, pin: string): Promise<PinTried> => {
  const known = kept(personId);
  if (!known) return 'right';
  const left = known.waitsUntil - Date.now();
  if (left > 0) return { waitsS: Math.ceil(left / 1000) };
  if ((await hashOf(pin, known.salt)) === known.hash) {
    keep(personId, { ...known, wrong: 0, waitsUntil: 0 });
    sessionStorage.setItem(OPENED, personId);
    return 'right';
  }
  const wrong = known.wrong + 1;
  const waitMs = wrong <= FORGIVEN ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (wrong - FORGIVEN - 1));
  keep(personId, { ...known, wrong, waitsUntil: waitMs > 0 ? Date.now() + waitMs : 0 });
  return waitMs > 0 ? { waitsS: waitMs / 1000 } : 'wrong';
};
