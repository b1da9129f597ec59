import { object } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded, positive } from '../../border/schema';
import { houseStepper } from '../../simulation/house/house';
import { seriesAt, seriesOf, tickCount, tickLength } from './series';

const temperatureF = () => bounded(-200, 250, '°F').required('must be given, °F');

const schema = object({
  house: object({
    lossBtuhPerF: positive(1e6, 'Btu/h per °F').required('must be given, Btu/h per °F'),
    airBtuPerF: positive(1e7, 'Btu per °F').required('must be given, Btu per °F'),
    massBtuPerF: positive(1e8, 'Btu per °F').required('must be given, Btu per °F'),
    couplingBtuhPerF: positive(1e7, 'Btu/h per °F').required('must be given, Btu/h per °F'),
    gainsBtuh: bounded(-1e6, 1e6, 'Btu/h').nullable(),
  }).required('must be given'),
  stepMin: tickLength(),
  ticks: tickCount().required('must be given'),
  roomF: temperatureF(),
  massF: temperatureF(),
  outdoorF: seriesOf(temperatureF),
  heatBtuh: seriesOf(() => bounded(-1e6, 1e6, 'Btu/h').required('must be given, Btu/h')),
  every: tickCount(),
});

/** Temperatures at the end of every `every`-th tick, °F. */
export interface HouseCourse {
  readonly roomF: readonly number[];
  readonly massF: readonly number[];
}

/** Calculates the `input` of a house case. */
export const calcHouse = (input: unknown): Parsed<HouseCourse> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const { house, stepMin, ticks, roomF, massF, every = 1 } = parsed.value;
  const step = houseStepper({ ...house, gainsBtuh: house.gainsBtuh ?? 0 }, stepMin);
  const outdoorAt = seriesAt<number>(parsed.value.outdoorF as number);
  const heatAt = seriesAt<number>(parsed.value.heatBtuh as number);
  const course = { roomF: [] as number[], massF: [] as number[] };
  let state = { roomF, massF };
  for (let tick = 0; tick < ticks; tick++) {
    state = step(state, heatAt(tick), outdoorAt(tick)).state;
    if ((tick + 1) % every !== 0) continue;
    course.roomF.push(state.roomF);
    course.massF.push(state.massF);
  }
  return { ok: true, value: course };
};
