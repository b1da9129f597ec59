import { array, lazy, mixed, number, object, type Schema, string } from 'yup';
import { CALL_IDS } from '../control/moment';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { Metering } from '../diagnosis/probes/free';
import { METERS } from '../model/observable';
import { type Act, type Key, KEYS, type Shortcut, SHORTCUTS } from './act';
import { PLACES } from './places';

const one = <T extends string>(words: readonly T[]) =>
  string()
    .oneOf(words, `must be one of ${words.join(', ')}`)
    .required('must be given');

const id = () => string().typeError('must be text').max(200).required('must be given');

const point = () =>
  object({ device: one(Object.keys(DEVICE_LABELS) as DeviceId[]), mark: id() })
    .noUnknown('contains an unknown field')
    .required('must be given');

const PARTS: Readonly<Record<Act['kind'], Record<string, Schema>>> = {
  walk: { to: one(PLACES) },
  open: {},
  call: { call: one(CALL_IDS) },
  isolate: {},
  energize: {},
  wait: { seconds: number().typeError('must be seconds').min(1).max(3600).required('must be given') },
  probe: { id: id() },
  meter: {
    red: point(),
    black: point(),
    by: one<Metering['by']>([...(Object.keys(METERS) as (keyof typeof METERS)[]), 'ohms']),
  },
  keys: { key: one(Object.keys(KEYS) as Key[]) },
  name: { causes: array(id()).min(1).max(2).required('must be a list of one or two causes') },
  shortcut: { shortcut: one(Object.keys(SHORTCUTS) as Shortcut[]) },
};

const KINDS = Object.keys(PARTS) as Act['kind'][];

/** An act from outside, validated. */
export const actSchema: Schema<Act> = lazy((act: { kind?: unknown } | undefined) =>
  KINDS.includes(act?.kind as Act['kind'])
    ? object({ kind: string().required(), ...PARTS[act!.kind as Act['kind']] }).noUnknown('contains an unknown field')
    : mixed().test('act', `must be an act: its "kind" is one of ${KINDS.join(', ')}`, () => false),
) as unknown as Schema<Act>;
