import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';
import { temperatureRiseF } from '../units/air';
import { apartF } from '../units/degrees';

/** Usual range of temperature rise on nameplates, °F. Our judgment, for a furnace whose own range is not typed yet. */
const USUAL_RISE_F = [25, 75] as const;
/** No nameplate goes higher, °F: the limit opens. Our judgment. */
const MOST_RISE_F = 100;

export const furnaceRise: Rule<Facts> = {
  id: 'furnace-rise',
  why: 'Over its temperature-rise range the limit cycles and the heat exchanger cracks; under it, flue gas condenses where it should not.',
  check: (facts) => {
    if (backupOf(facts) !== 'fossil') return [];
    const { outputBtuh } = facts.furnace;
    const { auxCfm } = facts.airHandler;
    const riseF = temperatureRiseF(outputBtuh, auxCfm, facts.site.elevationFt);
    const { riseFromF, riseToF } = facts.proof;
    const [least, most] = [riseFromF ?? USUAL_RISE_F[0], riseToF ?? USUAL_RISE_F[1]];
    // A reversed range is a separate finding.
    if ((riseF >= least && riseF <= most) || least > most) return [];
    const isHot = riseF > most;
    const isTyped = (isHot ? riseToF : riseFromF) !== null;
    const range = `${isTyped ? 'the nameplate allows' : 'most nameplates allow'} ${isHot ? 'at most' : 'no less than'} ${apartF(isHot ? most : least)}`;
    return [
      {
        severity: isTyped || riseF > MOST_RISE_F ? 'error' : 'warning',
        what: `${outputBtuh.toLocaleString('en-US')} Btu/h in ${auxCfm} CFM is a temperature rise of ${apartF(Math.round(riseF))}; ${range}.`,
        fix: isHot
          ? 'More air for heating: blower setting, ducts, filter. Or correct output, airflow or range.'
          : 'Less air for heating: blower setting. Or correct output, airflow or range.',
        page: 'survey',
        fact: 'airHandler.auxCfm',
        aspect: 'furnace rise',
      },
    ];
  },
};
