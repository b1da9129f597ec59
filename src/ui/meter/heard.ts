import { create } from 'zustand';
import type { Parsed } from '@/core/border/parse';
import { inputOf, keptUnit, OUTDOOR_CHANNEL, type Shown } from '@/core/instrument/shown';
import { KEPT_MS, type Sample, type Standing, standingOf } from '@/core/instrument/steady';
import { openRadio, type RadioWord } from './radio';

/** Where `gate meter` serves its readings if nobody says otherwise. */
export const METER_ADDRESS = 'http://127.0.0.1:4380/readings';

/** What is listened to: the simulated meter of the Library, or a stream of lines at an address of this machine. */
export type MeterSource = { readonly kind: 'simulated' } | { readonly kind: 'address'; readonly address: string };

/** One input of an instrument as it stands. */
export interface Heard {
  readonly input: string;
  readonly shown: Shown;
  readonly standing: Standing;
}

interface HeardState {
  readonly source: MeterSource | null;
  readonly link: 'off' | 'opening' | 'open' | 'lost';
  /** By input; one that stands as it stood is the same object. */
  readonly inputs: readonly Heard[];
  readonly listen: (source: MeterSource) => void;
  readonly stop: () => void;
  /** Whether the needle of every page goes with an outdoor sensor that is heard. */
  readonly followsOutdoors: boolean;
  readonly follow: (isFollowed: boolean) => void;
  /** Listens on after a reload of the page. */
  readonly resume: () => void;
}

const KEPT = 'gate-cross:listens-to';
/** How often silence is looked for, ms. */
const LOOK_EVERY_MS = 2000;

const keepSource = (source: MeterSource | null) => {
  try {
    if (source) sessionStorage.setItem(KEPT, JSON.stringify(source));
    else sessionStorage.removeItem(KEPT);
  } catch {
    // A browser that keeps nothing asks again after a reload.
  }
};

const keptSource = (): MeterSource | null => {
  try {
    return JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as MeterSource | null;
  } catch {
    return null;
  }
};

/** Reading lines is loaded when somebody listens: most never do. */
const loadReader = async () => (await import('@/core/formats/meter-line')).parseMeterLine;

let hangUp: () => void = () => undefined;
const samples = new Map<string, readonly Sample[]>();

const isSame = (one: Standing, other: Standing) =>
  one.kind === other.kind && ('value' in one ? one.value : null) === ('value' in other ? other.value : null);

/** What the instruments in reach show, on this device alone. */
export const useHeard = create<HeardState>()((set, get) => {
  const look = () => {
    const nowMs = performance.now();
    const before = new Map(get().inputs.map((heard) => [heard.input, heard]));
    const inputs = [...samples].map(([input, kept]): Heard => {
      const { shown } = kept.at(-1)!;
      const standing = standingOf(kept, nowMs);
      const known = before.get(input);
      const isAsBefore = known && isSame(known.standing, standing) && known.shown.ohms === shown.ohms;
      return isAsBefore ? known : { input, shown, standing };
    });
    if (inputs.length !== before.size || inputs.some((heard) => before.get(heard.input) !== heard)) set({ inputs });
  };
  const take = (read: Parsed<Shown>) => {
    // What is no line is not shown: the instrument's bridge tells what is wrong with it.
    if (!read.ok) return;
    const atMs = performance.now();
    const input = inputOf(read.value);
    const kept = (samples.get(input) ?? []).filter((sample) => atMs - sample.atMs <= KEPT_MS);
    samples.set(input, [...kept, { atMs, shown: read.value }]);
    if (get().link !== 'open') set({ link: 'open' });
    look();
  };
  const tuneIn = (source: MeterSource, onLine: (line: string) => void): (() => void) => {
    if (source.kind === 'simulated') {
      const radio = openRadio();
      radio.onmessage = ({ data }: MessageEvent<RadioWord>) => data.kind === 'line' && onLine(data.line);
      return () => radio.close();
    }
    const stream = new EventSource(source.address);
    stream.onopen = () => set({ link: 'open' });
    stream.onerror = () => set({ link: 'lost' });
    stream.onmessage = ({ data }: MessageEvent<string>) => onLine(data);
    return () => stream.close();
  };
  const stop = () => {
    hangUp();
    hangUp = () => undefined;
    samples.clear();
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
      void loadReader().then((read) => {
        // Somebody may have stopped, or chosen another, meanwhile.
        if (get().source !== source) return;
        const timer = setInterval(look, LOOK_EVERY_MS);
        const leave = tuneIn(source, (line) => take(read(line)));
        hangUp = () => {
          clearInterval(timer);
          leave();
        };
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

/** What an outdoor sensor says: °F, and %; null where none is heard. */
export const outdoorF = ({ inputs }: HeardState): number | null => outdoorsIn(inputs, '°F');
export const outdoorHumidity = ({ inputs }: HeardState): number | null => outdoorsIn(inputs, '%');
