import { LABEL_FACTS } from '../formats/label-code';
import { factApplies } from '../job/applies';
import { factAt, type FactGroup, type Facts, factValue, sameValue } from '../job/document';
import { factWords } from '../job/fact-words';
import { FACT_GROUP_LABELS } from '../job/facts';

/** One fact that a label in the door and a job say differently. */
export interface LabelChange {
  readonly group: string;
  readonly label: string;
  readonly was: string;
  readonly is: string;
}

/** What was changed since a label was made: facts that matter to either, in the order of the Survey. */
export const labelChanges = (label: Facts, now: Facts): readonly LabelChange[] =>
  LABEL_FACTS.flatMap((path) => {
    const [was, is] = [factValue(label, path), factValue(now, path)];
    if (sameValue(was, is) || !(factApplies(label, path) || factApplies(now, path))) return [];
    const fact = factAt(path);
    return [
      {
        group: FACT_GROUP_LABELS[path.split('.')[0] as FactGroup],
        label: fact.label,
        was: factWords(fact, was),
        is: factWords(fact, is),
      },
    ];
  });
