/** The device something was entered on, and what that device knew of order and time. */
export interface Origin {
  readonly device: string;
  /** Counts what is entered on that device, whatever its clock says. */
  readonly sequence: number;
  /** The server's clock less the device's when it came in, ms; null: it has not come in yet. */
  readonly clockOffsetMs: number | null;
}

/** Something that was entered at a time. */
export interface Timed {
  readonly id: string;
  /** By the clock of the device, ISO 8601. */
  readonly at: string;
  readonly origin: Origin | null;
}

/** When something was done by the server's clock, as far as that is known, ms since 1970. */
export const correctedMs = ({ at, origin }: Pick<Timed, 'at' | 'origin'>): number =>
  Date.parse(at) + (origin?.clockOffsetMs ?? 0);

/**
 * Something that was entered, no later than it came in: a clock that was ahead, and then put right, says a time that
 * no one has lived yet.
 * @param receivedMs when it came in, ms since 1970
 */
export const noLaterThan = <T extends Pick<Timed, 'at' | 'origin'>>(entered: T, receivedMs: number): T =>
  correctedMs(entered) <= receivedMs
    ? entered
    : { ...entered, at: new Date(receivedMs - (entered.origin?.clockOffsetMs ?? 0)).toISOString() };

const byClock = (a: Timed, b: Timed): number => correctedMs(a) - correctedMs(b) || a.id.localeCompare(b.id);

/** What each device entered, in its own order; what names no device is by the clock alone. */
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
 * What was entered, in time. What one device entered keeps that device's order, whatever its clock did meanwhile;
 * devices among each other go by their clocks, corrected by how far each was off.
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

/** Stamped farther off, something has a clock that was set wrong, ms. Our judgment: longer than a day of work. */
const DOUBTED_MS = 12 * 3_600_000;

/**
 * Why a time is doubted, in words; null where it is not. What was entered counts all the same.
 * @param now a time here that is not over, such as when the page was opened, ms since 1970
 * @param began when the visit began, ISO 8601; undefined where that is not known
 */
export const timeDoubt = (done: Pick<Timed, 'at' | 'origin'>, now: number, began?: string): string | null => {
  const at = correctedMs(done);
  if (at - now > DOUBTED_MS) return 'time stamp is in the future: that device’s clock was wrong';
  return began !== undefined && Date.parse(began) - at > DOUBTED_MS
    ? 'stamped before the visit began: that clock was set wrong'
    : null;
};
