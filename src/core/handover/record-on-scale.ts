import { type DegreeScale, inScale } from '../units/degrees';
import type { HandoverRecord } from './record';

const onScale = (scale: DegreeScale, part: unknown): unknown => {
  if (typeof part === 'string') return inScale(scale, part);
  if (Array.isArray(part)) return part.map((each) => onScale(scale, each));
  if (part === null || typeof part !== 'object') return part;
  return Object.fromEntries(Object.entries(part).map(([name, each]) => [name, onScale(scale, each)]));
};

/** A record's text with degrees on a scale; the stored record stays in °F. */
export const recordOnScale = (record: HandoverRecord, scale: DegreeScale): HandoverRecord =>
  scale === 'F' ? record : (onScale(scale, record) as HandoverRecord);
