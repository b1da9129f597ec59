import { factApplies } from '../job/applies';
import { factAt, type FactGroup, type Facts, factValue, sameValue } from '../job/document';
import { factWords } from '../job/fact-words';
import { FACT_GROUP_LABELS } from '../job/facts';
import { LABEL_FACTS } from './label-code';

/** One fact that differs between a panel-door label and a job. */
export interface LabelChange {
  readonly group: string;
  readonly label: string;
  readonly was: string;
  readonly is: string;
}

/** Changes since a label was made: facts that apply to either, in Survey order. */
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
