import type { Facts } from '../job/document';
import type { HouseThermal } from './house';

/**
 * What a house of medium weight stores and passes on, for each square foot of floor: Btu/°F in its air and light
 * things, Btu/°F in its mass, Btu/h per °F between them. Our judgement, near wood frame with drywall; a cool-down
 * measured on site knows better.
 */
const PER_FT2 = { air: 0.6, mass: 5, coupling: 2.6 } as const;

/** Loss of a square foot where the floor is not known, Btu/h per °F. Our judgement. */
const LOSS_PER_FT2 = 0.3;

/** The house of a job: its loss and gains from the load line, its weight from its floor. */
export const jobHouse = ({ house, load }: Facts): HouseThermal => {
  const lossBtuhPerF = house.designBtuh / (house.noLoadF - house.designOutdoorF);
  const floorFt2 = load.floorFt2 ?? lossBtuhPerF / LOSS_PER_FT2;
  return {
    lossBtuhPerF,
    airBtuPerF: PER_FT2.air * floorFt2,
    massBtuPerF: PER_FT2.mass * floorFt2,
    couplingBtuhPerF: PER_FT2.coupling * floorFt2,
    // At the setpoint the loss less the gains is the load line.
    gainsBtuh: lossBtuhPerF * (house.heatSetpointF - house.noLoadF),
  };
};
