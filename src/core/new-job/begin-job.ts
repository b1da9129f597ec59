import {
  applyChanges,
  blankJob,
  type FactChange,
  type FactPath,
  factValue,
  type JobDocument,
  renamed,
  withFact,
} from '../job/document';
import { withStagger } from '../strips/find-kit';
import { type CrewDefaults, NO_DEFAULTS, withDefaults } from './crew-defaults';

/** The six facts that matter most: a new job asks for them. All can wait. */
export const FIRST_FACTS = [
  'system.backup',
  'outdoorUnit.stages',
  'heatKit.plateKW',
  'site.elevationFt',
  'house.designOutdoorF',
  'house.designBtuh',
] as const satisfies readonly FactPath[];

/** Maximum usual element size in residential kits, kW. */
const USUAL_ELEMENT_KW = 5.05;

/** A kit of a given size as equal elements, as most are made. */
const likelyElements = (plateKW: number): readonly number[] => {
  const count = Math.min(6, Math.max(1, Math.ceil(plateKW / USUAL_ELEMENT_KW)));
  return Array.from({ length: count }, () => Math.round((100 * plateKW) / count) / 100);
};

/**
 * A new job with its crew's defaults and the given facts. If the kit size is given, its elements follow as an
 * assumption, until they are counted on site.
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
