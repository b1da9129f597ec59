import { parseMeterLine } from '@/core/formats/meter-line';
import { inputOf, type Shown } from '@/core/instrument/shown';
import { KEPT_MS, type Sample, type Steadiness, steadinessOf } from '@/core/instrument/steady';
import { openRadio, type RadioWord } from './radio';

/** The source to listen to: the simulated meter of the Library, or a stream at an address of this machine. */
export type MeterSource = { readonly kind: 'simulated' } | { readonly kind: 'address'; readonly address: string };

/** One input of an instrument in its present state. */
export interface Heard {
  readonly input: string;
  readonly shown: Shown;
  readonly standing: Steadiness;
}

/** Interval for detecting silence, ms. */
const LOOK_EVERY_MS = 2000;

/** Subscribers. */
interface Listener {
  readonly onLink: (link: 'open' | 'lost') => void;
  /** By input; unchanged ones are the same object. */
  readonly onInputs: (inputs: readonly Heard[]) => void;
}

const isSame = (one: Steadiness, other: Steadiness) =>
  one.kind === other.kind && ('value' in one ? one.value : null) === ('value' in other ? other.value : null);

const tuneIn = (source: MeterSource, onLine: (line: string) => void, { onLink }: Listener): (() => void) => {
  if (source.kind === 'simulated') {
    const radio = openRadio();
    radio.onmessage = ({ data }: MessageEvent<RadioWord>) => data.kind === 'line' && onLine(data.line);
    return () => radio.close();
  }
  const stream = new EventSource(source.address);
  stream.onopen = () => onLink('open');
  stream.onerror = () => onLink('lost');
  stream.onmessage = ({ data }: MessageEvent<string>) => onLine(data);
  return () => stream.close();
};

/** Listens to the instruments at a source; returns how to stop. */
export const listenTo = (source: MeterSource, listener: Listener): (() => void) => {
  const samples = new Map<string, readonly Sample[]>();
  let known: readonly Heard[] = [];
  const look = () => {
    const nowMs = performance.now();
    const before = new Map(known.map((heard) => [heard.input, heard]));
    const inputs = [...samples].map(([input, kept]): Heard => {
      const { shown } = kept.at(-1)!;
      const standing = steadinessOf(kept, nowMs);
      const last = before.get(input);
      const isAsBefore = last && isSame(last.standing, standing) && last.shown.ohms === shown.ohms;
      return isAsBefore ? last : { input, shown, standing };
    });
    if (inputs.length === known.length && inputs.every((heard) => before.get(heard.input) === heard)) return;
    known = inputs;
    listener.onInputs(inputs);
  };
  const take = (line: string) => {
    const read = parseMeterLine(line);
    // Invalid lines are not shown: the instrument's bridge reports what is wrong.
    if (!read.ok) return;
    const atMs = performance.now();
    const input = inputOf(read.value);
    const kept = (samples.get(input) ?? []).filter((sample) => atMs - sample.atMs <= KEPT_MS);
    samples.set(input, [...kept, { atMs, shown: read.value }]);
    listener.onLink('open');
    look();
  };
  const timer = setInterval(look, LOOK_EVERY_MS);
  const leave = tuneIn(source, take, listener);
  return () => {
    clearInterval(timer);
    leave();
  };
};
