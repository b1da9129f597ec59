import type { ShownEntry } from '@/core/setup/face/shown';
import { LocalizedDegrees } from '../../degrees/degrees';

const STANDINGS: Readonly<Record<ShownEntry['standing'], string>> = {
  turned: 'Changed, not saved',
  saved: 'Saved, not active',
  'in-force': 'As saved',
};

/** A controller’s display with one of its entries. */
export const EntryDisplay = ({ entry }: { entry: ShownEntry }) => (
  <>
    <p className="font-mono text-lg">
      {entry.code} {entry.label}
    </p>
    <p className="font-mono text-3xl font-semibold">{entry.value}</p>
    <p>{entry.words && <LocalizedDegrees>{entry.words}</LocalizedDegrees>}</p>
    <p className="text-sm">{STANDINGS[entry.standing]}</p>
  </>
);
