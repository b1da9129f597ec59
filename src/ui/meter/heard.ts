import { create } from 'zustand';
import { keptUnit, OUTDOOR_CHANNEL } from '@/core/instrument/shown';
import { TAB_KEYS } from '../storage/keys';
import { type Read, readStored } from '../storage/stored';
import type { Heard, MeterSource } from './listening';

/** Default address of `gate meter`. */
export const METER_ADDRESS = 'http://127.0.0.1:4380/readings';

interface HeardState {
  readonly source: MeterSource | null;
  readonly link: 'off' | 'opening' | 'open' | 'lost';
  /** By input; unchanged ones are the same object. */
  readonly inputs: readonly Heard[];
  readonly listen: (source: MeterSource) => void;
  readonly stop: () => void;
  /** Whether the needle of all pages follows the outdoor sensor. */
  readonly followsOutdoors: boolean;
  readonly follow: (isFollowed: boolean) => void;
  /** Continues listening after a reload. */
  readonly resume: () => void;
}

const keepSource = (source: MeterSource | null) => {
  try {
    if (source) sessionStorage.setItem(TAB_KEYS.source, JSON.stringify(source));
    else sessionStorage.removeItem(TAB_KEYS.source);
  } catch {
    // A browser that keeps nothing asks again after a reload.
  }
};

const readSource: Read<MeterSource> = (value) => {
  const { kind, address } = (value ?? {}) as { kind?: unknown; address?: unknown };
  if (kind === 'simulated') return { ok: true, value: { kind } };
  return kind === 'address' && typeof address === 'string'
    ? { ok: true, value: { kind, address } }
    : { ok: false, error: 'is no source', path: 'kind' };
};

const keptSource = (): MeterSource | null => readStored(TAB_KEYS.source, readSource, () => sessionStorage);

/** The line parser is loaded when listening starts, which most people never do. */
const loadListening = () => import('./listening');

let hangUp: () => void = () => undefined;

/** Readings of connected instruments, on this device only. */
export const useHeard = create<HeardState>()((set, get) => {
  const stop = () => {
    hangUp();
    hangUp = () => undefined;
    keepSource(null);
    set({ source: null, link: 'off', inputs: [], followsOutdoors: false });
  };
  return {
    source: null,
    link: 'off',
    inputs: [],
    followsOutdoors: false,
    follow: (followsOutdoors) => set({ followsOutdoors }),
    listen: (source) => {
      stop();
      set({ source, link: 'opening' });
      keepSource(source);
      void loadListening().then(({ listenTo }) => {
        // Listening may have stopped or changed meanwhile.
        if (get().source !== source) return;
        hangUp = listenTo(source, {
          onLink: (link) => get().link !== link && set({ link }),
          onInputs: (inputs) => set({ inputs }),
        });
      });
    },
    stop,
    resume: () => {
      const source = keptSource();
      if (source && get().source === null) get().listen(source);
    },
  };
});

const outdoorsIn = (inputs: readonly Heard[], unit: string): number | null => {
  const heard = inputs.find(({ shown }) => shown.channel === OUTDOOR_CHANNEL && keptUnit(shown.unit) === unit);
  const value = heard && heard.standing.kind !== 'nothing' ? heard.standing.value : null;
  return typeof value === 'number' ? value : null;
};

/** Outdoor sensor reading: °F, and %; null: none. */
export const outdoorF = ({ inputs }: HeardState): number | null => outdoorsIn(inputs, '°F');
export const outdoorHumidity = ({ inputs }: HeardState): number | null => outdoorsIn(inputs, '%');
