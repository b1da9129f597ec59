import { CLOSED_CONTACT_OHMS } from '../units/constants';

/** A point of the circuit, with any name, such as `A.R`. */
export type NodeName = string;

/** A transformer secondary: open-circuit volts with a series resistance. */
export interface Source {
  readonly volts: number;
  readonly ohms: number;
  readonly plus: NodeName;
  readonly minus: NodeName;
}

export type Edge =
  | {
      readonly kind: 'wire' | 'load';
      readonly a: NodeName;
      readonly b: NodeName;
      readonly ohms: number;
      readonly id?: string;
    }
  | {
      readonly kind: 'switch';
      readonly a: NodeName;
      readonly b: NodeName;
      readonly closed: boolean;
      readonly id?: string;
    };

/** A resistive network: all voltages and currents of a 24 V control circuit are taken as in phase. */
export interface Network {
  /** Its `minus` is the reference of all readings. */
  readonly source: Source;
  /** Additional transformers; one not connected to the first floats, tied to the reference by leaks. */
  readonly others?: readonly Source[];
  readonly edges: readonly Edge[];
}

/** Every node of a network, the source's two first, then in order of appearance. */
export const nodesOf = (network: Network): NodeName[] => [
  ...new Set([
    ...sourcesOf(network).flatMap(({ minus, plus }) => [minus, plus]),
    ...network.edges.flatMap((edge) => [edge.a, edge.b]),
  ]),
];

/** The sources of a network, the reference's first. */
export const sourcesOf = ({ source, others = [] }: Network): readonly Source[] => [source, ...others];

/** Conductance of an edge, S; zero for an open switch and for a zero-ohm wire, whose ends are one node. */
export const conductance = (edge: Edge): number => {
  if (edge.kind === 'switch') return edge.closed ? 1 / CLOSED_CONTACT_OHMS : 0;
  return edge.ohms === 0 ? 0 : 1 / edge.ohms;
};
