import type { PlannedItem } from '@/core/startup/plan';
import { ChoiceBox } from '../fields/choice-box';

interface ClampPlaceProps {
  readonly places: PlannedItem['item']['places'];
  readonly place: string | null;
  readonly onCommit: (place: string) => void;
}

/** Where the clamp is, if an item can be read at more than one place. */
export const ClampPlace = ({ places, place, onCommit }: ClampPlaceProps) =>
  places && place !== null ? (
    <ChoiceBox
      label="Clamp on"
      options={places.map(({ id, label }) => ({ value: id, label }))}
      value={place}
      onCommit={onCommit}
    />
  ) : null;
