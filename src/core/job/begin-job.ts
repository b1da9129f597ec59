import { withStagger } from '../strips/find-kit';
import { type CrewDefaults, NO_DEFAULTS, withDefaults } from './crew-defaults';
import {
  applyChanges,
  blankJob,
  type FactChange,
  type FactPath,
  factValue,
  type JobDocument,
  renamed,
  withFact,
} from './document';

/** The six facts that change most of what is calculated: what a new job asks for. All can wait. */
export const FIRST_FACTS = [
  'system.backup',
  'outdoorUnit.stages',
  'heatKit.plateKW',
  'site.elevationFt',
  'house.designOutdoorF',
  'house.designBtuh',
] as const satisfies readonly FactPath[];

/** Elements of residential kits are seldom larger, kW. */
const USUAL_ELEMENT_KW = 5.05;

/** A kit of this many kW as equal elements, the way most are made. */
const likelyElements = (plateKW: number): readonly number[] => {
  const count = Math.min(6, Math.max(1, Math.ceil(plateKW / USUAL_ELEMENT_KW)));
  return Array.from({ length: count }, () => Math.round((100 * plateKW) / count) / 100);
};

/**
 * A new job as its crew begins them, with what is known of it; a name that someone gave is known, too. Where the kit's
 * power is known its elements follow, as an assumption: how many there are is seen on site.
 */
export const beginJob = (
  name: string,
  known: readonly FactChange[],
  defaults: CrewDefaults = NO_DEFAULTS,
): JobDocument => {
  const blank = withDefaults(blankJob(), defaults);
  const named: FactChange[] = name ? [{ path: 'site.jobName', value: name }] : [];
  const document = applyChanges(name ? blank : renamed(blank, 'New job'), [...named, ...known]);
  const plateKW = factValue(document.facts, 'heatKit.plateKW');
  const isKnown = known.some(({ path }) => path === 'heatKit.elements');
  if (typeof plateKW !== 'number' || isKnown) return document;
  const elements = withStagger(likelyElements(plateKW), document.facts.heatKit.elements.slice(0, 0));
  return { ...document, facts: withFact(document.facts, 'heatKit.elements', elements) };
};
