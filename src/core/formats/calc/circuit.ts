import { array, boolean, lazy, object, string, tuple } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded, shortText } from '../../border/schema';
import { readVolts } from '../../circuit/meter';
import type { Edge, Network } from '../../circuit/network';
import { solve } from '../../circuit/solve';

const node = () => shortText().required('must name a node');
const ends = { a: node(), b: node() };
const ohms = () => bounded(0, 1e12, 'Ω').required('must be given, Ω');
const wire = object({
  kind: string()
    .oneOf(['wire'] as const)
    .required(),
  ...ends,
  ohms: ohms(),
});
const load = object({
  kind: string()
    .oneOf(['load'] as const)
    .required(),
  ...ends,
  ohms: ohms().moreThan(0, 'a load of 0 Ω is a dead short; give its resistance, Ω'),
});
const contact = object({
  kind: string()
    .oneOf(['switch'] as const)
    .required(),
  ...ends,
  closed: boolean().typeError('must be true or false').required('must be true or false'),
});
const unknownKind = object({
  kind: string()
    .oneOf(['wire', 'load', 'switch'], 'must be wire, load or switch')
    .required('must be wire, load or switch'),
});

const edge = lazy((value: { kind?: unknown } | undefined) => {
  switch (value?.kind) {
    case 'wire':
      return wire;
    case 'load':
      return load;
    case 'switch':
      return contact;
    default:
      return unknownKind;
  }
});

const schema = object({
  source: object({
    volts: bounded(-1000, 1000, 'V').required('must be given, V'),
    ohms: ohms(),
    plus: node(),
    minus: node(),
  }).required('must be given'),
  edges: array(edge).max(400, 'must be at most 400 edges').required('must be a list of edges'),
  read: array(tuple([node(), node()]).required('must be a pair of nodes'))
    .max(2000)
    .required('must be a list of pairs of nodes'),
});

export interface CircuitAnswer {
  readonly volts: readonly number[];
  readonly sourceAmps: number;
}

/** Solves the `input` of a circuit case. */
export const calcCircuit = (input: unknown): Parsed<CircuitAnswer> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const { source, edges, read } = parsed.value;
  const network: Network = { source, edges: edges as Edge[] };
  const solution = solve(network);
  if (solution.kind === 'unsolvable') return { ok: false, error: solution.why, path: 'source' };
  return {
    ok: true,
    value: { volts: read.map(([a, b]) => readVolts(solution, a!, b!)), sourceAmps: solution.sourceAmps },
  };
};
