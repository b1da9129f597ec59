import type { Facts } from '../../job/document';
import { minuteOfDay } from '../clock';
import type { TickInputs } from './machine';

/** An outside event over an interval. */
export interface DayAct {
  readonly kind: 'door-open' | 'power-cut' | 'banks-held' | 'sensor-lost' | 'compressor-proved-dead' | 'compressor-cut';
  readonly fromMin: number;
  readonly toMin: number;
  /** Whether it repeats daily at these minutes of the day; otherwise once, at these minutes of the run. */
  readonly isDaily?: boolean;
}

/** Outside events of a tick. */
type Happening = Pick<
  TickInputs,
  'isPowered' | 'isSensorLost' | 'hasFault' | 'isCompressorCut' | 'heldBanks' | 'openShare'
>;

const NOTHING: Happening = {
  isPowered: true,
  isSensorLost: false,
  hasFault: false,
  isCompressorCut: false,
  heldBanks: [],
  openShare: 0,
};

/** Loss of an open outside door relative to the house's. Our judgment: two or three hundred CFM. */
const DOOR_SHARE = 0.75;

/** Whether an event is active at a minute of a run. */
const goesOn = ({ fromMin, toMin, isDaily }: DayAct, atMin: number): boolean => {
  const minute = isDaily ? minuteOfDay(atMin) : atMin;
  return minute >= fromMin && minute < toMin;
};

/** Outside events by minute of a run. */
export const actsOn = (acts: readonly DayAct[], { heatKit }: Facts): ((atMin: number) => Happening) => {
  if (acts.length === 0) return () => NOTHING;
  const everyBank = [...new Set(heatKit.elements.map(({ bank }) => bank))];
  return (atMin) => {
    const is = (kind: DayAct['kind']) => acts.some((act) => act.kind === kind && goesOn(act, atMin));
    return {
      isPowered: !is('power-cut'),
      isSensorLost: is('sensor-lost'),
      hasFault: is('compressor-proved-dead'),
      isCompressorCut: is('compressor-cut'),
      heldBanks: is('banks-held') ? everyBank : NOTHING.heldBanks,
      openShare: is('door-open') ? DOOR_SHARE : 0,
    };
  };
};
