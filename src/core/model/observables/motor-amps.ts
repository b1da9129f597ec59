import { type Asked, number, type ObservableKind, type Prediction } from './definition';

const ratedAmps = (asked: Asked, of: 'compressor' | 'fan'): Prediction => {
  const { outdoorUnit } = asked.model.facts;
  const isCompressor = of === 'compressor';
  const rated = isCompressor ? outdoorUnit.compressorRatedAmps : outdoorUnit.fanRatedAmps;
  const { isCompressorOn, isFanOn } = asked.works();
  if (!(isCompressor ? isCompressorOn : isFanOn)) return number(0);
  if (rated !== null) return number(rated, [0, rated]);
  const fact = isCompressor ? 'outdoorUnit.compressorRatedAmps' : 'outdoorUnit.fanRatedAmps';
  return { kind: 'unknown', needs: 'nameplate amps, on the Survey', fact };
};

/** Amps of compressor or outdoor fan. */
export const motorAmps: ObservableKind<'motor-amps'> = {
  key: ({ of }, place) => `${place}/${of}-amps`,
  read: (asked, { of }) => ratedAmps(asked, of),
};
