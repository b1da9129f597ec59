import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { capacityCurve } from '../heat-pump';
import { jobHeatPump, jobLowStage } from '../job-heat-pump';

const about = (aspect: string, what: string, fix: string): Found => ({
  severity: 'warning',
  aspect,
  what,
  fix,
  page: 'survey',
  fact: 'outdoorUnit.lowPoints',
});

export const lowStagePlausible: Rule<Facts> = {
  id: 'low-stage-plausible',
  why: 'Low stage (or minimum speed) is how the unit runs most of the winter.',
  check: (facts) => {
    const { stages, lowPoints } = facts.outdoorUnit;
    if (stages === 'single' || lowPoints.length === 0) return [];
    const low = jobLowStage(facts);
    if (low === null)
      return [
        about(
          'one point',
          'One rating point is not enough.',
          'Enter at least two low-stage points from the unit’s performance data. Until then it is treated as single-stage.',
        ),
      ];
    const [least, most] = [capacityCurve(low), capacityCurve(jobHeatPump(facts))];
    return lowPoints.flatMap(({ outdoorF }) =>
      least.at(outdoorF) < most.at(outdoorF) || most.at(outdoorF) === 0
        ? []
        : [
            about(
              `at ${outdoorF}`,
              `At ${outdoorF} °F low stage shows as much heat as high stage.`,
              'Check both tables against the performance data: they may be swapped.',
            ),
          ],
    );
  },
};
