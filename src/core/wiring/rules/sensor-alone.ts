import { isFloating } from '../../circuit/meter';
import { lockoutsInForce } from '../../control/lockouts';
import { nodeOf } from '../../devices/device';
import type { Facts } from '../../job/document';
import type { Found } from '../../job/finding';
import { capital } from '../../units/capital';
import { NOTHING_VOLTS } from '../../units/control-volts';
import { roundTo } from '../../units/round';
import { parseRef, refWords } from '../harness';
import type { WiringRule, WiringSubject } from './subject';

const isSensorPoint = (node: string) => /\.S[12]$/.test(node);
const words = (node: string) => {
  const ref = parseRef(node);
  return ref ? refWords(ref) : node;
};

const OWN = ['S1', 'S2'].map((mark) => nodeOf('thermostat', mark));
const SENSOR = ['S1', 'S2'].map((mark) => nodeOf('outdoor-sensor', mark));

/** A sensor terminal joined to another kind of terminal. */
const strangers = ({ joined }: WiringSubject, points: readonly string[]): Found[] => {
  const told = new Set<string>();
  return points.flatMap((node): Found[] => {
    const group = joined.with(node);
    const others = group.filter((each) => !isSensorPoint(each));
    if (others.length === 0 || told.has(group.join())) return [];
    told.add(group.join());
    return [
      {
        severity: 'error',
        what: `${capital(words(node))} is joined to ${others.map(words).join(', ')}.`,
        fix: 'S terminals are for the sensor only: remove this conductor.',
        page: 'wiring',
        at: node,
        aspect: 'joined',
      },
    ];
  });
};

/** Control volts on a thermostat terminal meant for a thermistor. */
const live = ({ cold }: WiringSubject, points: readonly string[]): Found[] =>
  points.flatMap((node): Found[] => {
    const fed = [...cold.values()].filter(({ network }) => !isFloating(network, node));
    const most = Math.max(0, ...fed.map(({ volts }) => volts.get(node) ?? 0));
    return most < NOTHING_VOLTS
      ? []
      : [
          {
            severity: 'error',
            what: `${roundTo(most, 1)} V is on the thermostat’s ${node.slice('thermostat.'.length)}, a sensor terminal.`,
            fix: 'Power off first. Find the sensor lead landed on a 24 V terminal.',
            page: 'wiring',
            at: node,
            aspect: 'live',
          },
        ];
  });

/** What a job loses without its outdoor temperature. */
const openFinding = (facts: Facts): Found => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const losesGates = compressorBelowF !== null || auxAboveF !== null;
  return {
    severity: 'warning',
    what: `One wire of the outdoor sensor is open: the thermostat does not know the outdoor temperature${losesGates ? ', so its lockouts do not work' : ''}.`,
    fix: 'Power off, leads off the thermostat: ohms between the two at the wall, then at the sensor.',
    page: 'wiring',
    at: 'thermostat.S1',
    aspect: 'open',
  };
};

const shape = ({ facts, joined, harness }: WiringSubject, points: readonly string[], jobFacts: Facts): Found[] => {
  const [one, other] = points;
  if (joined.areJoined(one!, other!))
    return [
      {
        severity: 'error',
        what: 'The two sensor terminals are joined: the thermostat reads a short.',
        fix: 'Land each sensor lead on its own terminal.',
        page: 'wiring',
        at: one!,
        aspect: 'short',
      },
    ];
  if (facts.thermostat.outdoorSensor !== 'wired' || !harness.devices.some(({ id }) => id === 'outdoor-sensor'))
    return [];
  const isHome = [SENSOR, [...SENSOR].reverse()].some((ends) =>
    points.every((point, at) => joined.areJoined(point, ends[at]!)),
  );
  return isHome ? [] : [openFinding(jobFacts)];
};

export const sensorAlone: WiringRule = {
  id: 'sensor-alone',
  why: 'S terminals are thermistor inputs: 24 V on them destroys the thermostat.',
  check: (subject) => {
    const has = (node: string) =>
      subject.harness.devices.some(({ id, terminals }) => terminals.some(({ mark }) => nodeOf(id, mark) === node));
    const own = OWN.filter(has);
    const joinedTo = strangers(subject, [...own, ...SENSOR.filter(has)]);
    const onOwn = live(subject, own);
    return [...joinedTo, ...onOwn, ...(own.length === 2 ? shape(subject, own, subject.jobFacts) : [])];
  },
};
