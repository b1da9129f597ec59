/** The device of an entry, and its order and time on that device. */
export interface Origin {
  readonly device: string;
  /** Sequence number on that device, independent of its clock. */
  readonly sequence: number;
  /** Server clock minus device clock at arrival, ms; null: not arrived yet. */
  readonly clockOffsetMs: number | null;
}

/** Something entered at a time. */
export interface Timed {
  readonly id: string;
  /** By the device clock, ISO 8601. */
  readonly at: string;
  readonly origin: Origin | null;
}

/** Time of an entry on the server clock, as far as known, ms since 1970. */
export const correctedMs = ({ at, origin }: Pick<Timed, 'at' | 'origin'>): number =>
  Date.parse(at) + (origin?.clockOffsetMs ?? 0);

/**
 * An entry no later than its arrival: a clock that was ahead and then corrected gives a time in the future.
 * @param receivedMs arrival, ms since 1970
 */
export const noLaterThan = <T extends Pick<Timed, 'at' | 'origin'>>(entered: T, receivedMs: number): T =>
  correctedMs(entered) <= receivedMs
    ? entered
    : { ...entered, at: new Date(receivedMs - (entered.origin?.clockOffsetMs ?? 0)).toISOString() };

const byClock = (a: Timed, b: Timed): number => correctedMs(a) - correctedMs(b) || a.id.localeCompare(b.id);

/** Entries of each device in its own order; entries without a device by clock only. */
const byDevice = <T extends Timed>(all: readonly T[]): T[][] => {
  const devices = new Map<string, T[]>();
  for (const each of all) {
    const device = each.origin?.device ?? '';
    const own = devices.get(device);
    if (own) own.push(each);
    else devices.set(device, [each]);
  }
  const inOwnOrder = (a: T, b: T) => (a.origin?.sequence ?? 0) - (b.origin?.sequence ?? 0) || byClock(a, b);
  return [...devices.values()].map((own) => own.sort(inOwnOrder));
};

/**
 * Entries in time order. Entries of one device keep that device's order; devices are merged by their clocks, corrected
 * for offset.
 */
export const inTime = <T extends Timed>(all: readonly T[]): T[] => {
  const devices = byDevice(all);
  if (devices.length <= 1) return devices[0] ?? [];
  const next = devices.map(() => 0);
  return all.map(() => {
    const heads = devices.flatMap((own, device) => {
      const head = own[next[device]!];
      return head ? [{ device, head }] : [];
    });
    const { device, head } = heads.reduce((first, each) => (byClock(each.head, first.head) < 0 ? each : first));
    next[device]!++;
    return head;
  });
};

/** Larger clock errors mean a clock that was set wrong, ms. Our judgment: longer than a day of work. */
const DOUBTED_MS = 12 * 3_600_000;

/**
 * Why a time is doubtful, in words; null if it is not. The entry counts all the same.
 * @param now a recent time here, such as when the page was opened, ms since 1970
 * @param began when the visit began, ISO 8601; undefined if unknown
 */
export const timeDoubt = (done: Pick<Timed, 'at' | 'origin'>, now: number, began?: string): string | null => {
  const at = correctedMs(done);
  if (at - now > DOUBTED_MS) return 'time stamp is in the future: that device’s clock was wrong';
  return began !== undefined && Date.parse(began) - at > DOUBTED_MS
    ? 'stamped before the visit began: that clock was set wrong'
    : null;
};
