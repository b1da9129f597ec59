/** A house as two thermal masses: its air, and the walls and contents that the air warms. */
export interface HouseThermal {
  /** Loss from the air to outdoors, Btu/h per °F. */
  readonly lossBtuhPerF: number;
  readonly airBtuPerF: number;
  readonly massBtuPerF: number;
  /** Between air and mass, Btu/h per °F. */
  readonly couplingBtuhPerF: number;
  /** Gains from people, lights and sun, Btu/h. */
  readonly gainsBtuh: number;
}

/** A house after a tick, and its mean air temperature during it, which sets the loss. */
export interface HouseTick {
  readonly state: HouseState;
  readonly meanRoomF: number;
}

export interface HouseState {
  readonly roomF: number;
  readonly massF: number;
}

/**
 * Steps a house by ticks of one length with constant inputs: prepared once, exact for any length.
 * `C_a dT/dt = q − K (T − T_out) − U (T − M)`, `C_m dM/dt = U (T − M)`; the exponential of a 2×2 matrix in closed form.
 * @param stepMin length of the tick, min
 */
export const houseStepper = (house: HouseThermal, stepMin: number) => {
  const hours = stepMin / 60;
  const { lossBtuhPerF: loss, airBtuPerF: air, massBtuPerF: mass, couplingBtuhPerF: coupling } = house;
  // The rate of change is A times the deviation from equilibrium.
  const a = -(loss + coupling) / air;
  const b = coupling / air;
  const c = coupling / mass;
  const d = -coupling / mass;
  const mean = (a + d) / 2;
  // Both roots are real and distinct: b and c have the same sign.
  const spread = Math.sqrt(((a - d) / 2) ** 2 + b * c);
  // Each root separately: both decay, so no step is too long.
  const [slow, fast] = [Math.exp((mean + spread) * hours), Math.exp((mean - spread) * hours)];
  const even = (slow + fast) / 2;
  const odd = (slow - fast) / (2 * spread);
  const airAir = even + odd * (a - mean);
  const airMass = odd * b;
  const massAir = odd * c;
  const massMass = even + odd * (d - mean);
  // The integral of the exponential is its change times the inverse of A.
  const det = a * d - b * c;
  const meanAir = ((airAir - 1) * d - airMass * c) / det / hours;
  const meanMass = (-(airAir - 1) * b + airMass * a) / det / hours;
  /**
   * @param heatBtuh heat to the air, Btu/h
   * @param outdoorF °F
   */
  return ({ roomF, massF }: HouseState, heatBtuh: number, outdoorF: number): HouseTick => {
    // Equilibrium of both under these inputs.
    const restF = outdoorF + (heatBtuh + house.gainsBtuh) / loss;
    const room = roomF - restF;
    const body = massF - restF;
    return {
      state: { roomF: restF + airAir * room + airMass * body, massF: restF + massAir * room + massMass * body },
      meanRoomF: restF + meanAir * room + meanMass * body,
    };
  };
};

/** Heat stored by a house above another state, Btu. */
export const storedBtu = ({ airBtuPerF, massBtuPerF }: HouseThermal, before: HouseState, after: HouseState): number =>
  airBtuPerF * (after.roomF - before.roomF) + massBtuPerF * (after.massF - before.massF);
