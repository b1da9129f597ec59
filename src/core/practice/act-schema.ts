import { array, lazy, mixed, number, object, type Schema, string } from 'yup';
import { CALL_IDS } from '../control/moment';
import type { Spot } from '../devices/device';
import { type Act, type Shortcut, SHORTCUTS } from './act';

const PLACES: readonly Spot[] = ['wall', 'indoors', 'outdoors'];

const one = <T extends string>(words: readonly T[]) =>
  string()
    .oneOf(words, `must be one of ${words.join(', ')}`)
    .required('must be given');

const id = () => string().typeError('must be text').max(200).required('must be given');

const PARTS: Readonly<Record<Act['kind'], Record<string, Schema>>> = {
  walk: { to: one(PLACES) },
  open: {},
  call: { call: one(CALL_IDS) },
  isolate: {},
  energize: {},
  wait: { seconds: number().typeError('must be seconds').min(1).max(3600).required('must be given') },
  probe: { id: id() },
  name: { causes: array(id()).min(1).max(2).required('must be a list of one or two causes') },
  shortcut: { shortcut: one(Object.keys(SHORTCUTS) as Shortcut[]) },
};

const KINDS = Object.keys(PARTS) as Act['kind'][];

/** An act as it comes in from outside. */
export const actSchema: Schema<Act> = lazy((act: { kind?: unknown } | undefined) =>
  KINDS.includes(act?.kind as Act['kind'])
    ? object({ kind: string().required(), ...PARTS[act!.kind as Act['kind']] }).noUnknown('holds something unknown')
    : mixed().test('act', `must be an act: its "kind" is one of ${KINDS.join(', ')}`, () => false),
) as unknown as Schema<Act>;
