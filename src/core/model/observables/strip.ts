import { showsOnStrip } from '../../wiring/fault';
import { type ObservableKind } from './definition';
import { faultWord } from './wiring-fault';

/** A terminal strip inspected and tugged: conductors by color, screws, jumpers. */
export const strip: ObservableKind<'strip'> = {
  key: ({ device }) => `power-off/strip-${device}`,
  read: (asked, { device }) => faultWord(asked, (named) => showsOnStrip(named, device, asked.bench.harness)),
};
