import { temperatureRiseF } from '../../units/air';
import { type Asked, number, type ObservableKind, type Prediction } from './definition';

const supplyAirF = (asked: Asked): Prediction => {
  const { model, moment, given } = asked;
  if (moment.call === 'defrost') return { kind: 'unknown', needs: 'a steady call (a defrost is not one)' };
  const { totalBtuh, cfm } = asked.works();
  if (cfm === 0) return { kind: 'unknown', needs: 'airflow' };
  return number((given.returnF ?? moment.indoorF) + temperatureRiseF(totalBtuh, cfm, model.facts.site.elevationFt));
};

/** Air temperatures. */
export const temperature: ObservableKind<'temperature'> = {
  key: ({ at }, place) => (at === 'outdoor' || at === 'indoor' ? `conditions/${at}` : `${place}/${at}`),
  read: (asked, { at }) => {
    switch (at) {
      case 'outdoor':
        return number(asked.moment.outdoorF);
      case 'indoor':
        return number(asked.moment.indoorF);
      case 'return':
        return number(asked.given.returnF ?? asked.moment.indoorF);
      case 'supply':
        return supplyAirF(asked);
    }
  },
};
