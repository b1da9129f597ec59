import { optionalRecordsFact, recordsFact } from '../fact';

/** One conductor or jumper as found. An end is `device.terminal`, or empty if not landed. */
export interface WireRow {
  /** Its cable; `jumper` for a jumper. */
  readonly cable: string;
  readonly colour: string;
  readonly from: string;
  readonly to: string;
}

/** An accepted finding, and why. */
export interface WaiverRow {
  readonly finding: string;
  readonly what: string;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}

export const wiring = {
  asFound: optionalRecordsFact<WireRow>({
    label: 'Conductors as found',
    place: 'closet',
    item: 'conductor',
    columns: { cable: 40, colour: 20, from: 60, to: 60 },
    most: 120,
    assumed: null,
    none: 'not recorded; taken as planned',
    why: 'As-found wiring where it differs from the plan. Entered on Wiring.',
  }),
  waivers: recordsFact<WaiverRow>({
    label: 'Findings waived',
    place: 'desk',
    item: 'waiver',
    columns: { finding: 200, what: 400, reason: 400, by: 80, at: 40 },
    most: 60,
    assumed: [],
    why: 'Each has a reason, saved in the record.',
  }),
};
