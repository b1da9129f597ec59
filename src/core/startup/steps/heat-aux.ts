import { crossingAt } from '../../crossing/from-job';
import { kitRows } from '../../job/kit-rows';
import { plan } from '../../wiring/plan';
import { wiringState } from '../../wiring/state';
import { returnItem, supplyItem } from '../air-items';
import { OUTDOOR_ITEM } from '../conditions';
import { numberRead, type StartupStep, stepMoment } from '../step';
import { stripAmpsItems, stripsBtuh } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';

export const heatAux: StartupStep = {
  id: 'heat-aux',
  title: 'Heat with auxiliary',
  why: 'Auxiliary shown on the wall is a call, not proof that strips run. The clamp is.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const moment = stepMoment(context, 'heat-aux');
    const state = wiringState(facts, plan(facts), moment);
    const volts = numberRead(context, 'heat-aux/strip-volts');
    const outdoorF = numberRead(context, OUTDOOR_ITEM);
    const stripHeatBtuh = stripsBtuh(facts, state, volts);
    const heatPumpBtuh =
      outdoorF === undefined
        ? undefined
        : state.energised.has('contactor')
          ? crossingAt(facts, outdoorF).heatPumpBtuh
          : 0;
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'never-defeat'],
      how: [
        'Thermostat: heat, setpoint 5 °F or more above the room.',
        'Clamp one conductor of the kit’s feed and say where; volts at the kit’s breaker at the same time.',
        ...state.held.map(({ why }) => why),
      ],
      call: 'heat-aux',
      waits: [sequencerWait(facts)],
      items: [
        ...terminalItems(context, 'heat-aux', 'heat-aux', ['air-handler-W1', 'outdoor-unit-Y', 'outdoor-unit-W']),
        stripVoltsItem(facts),
        ...stripAmpsItems(facts, state, volts),
        returnItem(facts),
        supplyItem(
          context,
          'heat-aux',
          stripHeatBtuh === undefined || heatPumpBtuh === undefined ? undefined : heatPumpBtuh + stripHeatBtuh,
          facts.airHandler.auxCfm,
          'heat pump and strips',
          'the outdoor temperature and the volts at the kit',
        ),
      ],
    };
  },
};
