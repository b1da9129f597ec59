import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { capacityCurve } from '../heat-pump';
import { jobHeatPump, jobLowStage } from '../job-heat-pump';

const about = (aspect: string, what: string, mend: string): Found => ({
  severity: 'warning',
  aspect,
  what,
  mend,
  page: 'survey',
  fact: 'outdoorUnit.lowPoints',
});

export const lowStagePlausible: Rule<Facts> = {
  id: 'low-stage-plausible',
  why: 'Low stage, or least speed, decides how the unit runs for most of the winter.',
  check: (facts) => {
    const { stages, lowPoints } = facts.outdoorUnit;
    if (stages === 'single' || lowPoints.length === 0) return [];
    const low = jobLowStage(facts);
    if (low === null)
      return [
        about(
          'one point',
          'One point is no line.',
          'Two points of low stage at least, from the unit’s sheet; until then it is taken as one stage.',
        ),
      ];
    const [least, most] = [capacityCurve(low), capacityCurve(jobHeatPump(facts))];
    return lowPoints.flatMap(({ outdoorF }) =>
      least.at(outdoorF) < most.at(outdoorF) || most.at(outdoorF) === 0
        ? []
        : [
            about(
              `at ${outdoorF}`,
              `At ${outdoorF} °F low stage gives as much as full.`,
              'Check the two tables against the unit’s sheet: they may be the wrong way round.',
            ),
          ],
    );
  },
};
