import type { Rule } from '../../job/finding';
import { airInDefrost } from './air-in-defrost';
import { airWithStrips } from './air-with-strips';
import { airflowForSize } from './airflow-for-size';
import { blowerRunsOn } from './blower-runs-on';
import { briskCallsBackup } from './brisk-calls-backup';
import { capacityWithZones } from './capacity-with-zones';
import { changeoverNeverCheaper } from './changeover-never-cheaper';
import { changeoverOffTheBalance } from './changeover-off-the-balance';
import { cyclesFitTheHour } from './cycles-fit-the-hour';
import { deadbandWideEnough } from './deadband-wide-enough';
import { emergencyGoesRound } from './emergency-goes-round';
import { emergencyOnlyCarries } from './emergency-only-carries';
import { faultBringsHeat } from './fault-brings-heat';
import { firstStageTime } from './first-stage-time';
import { fossilNeverTogether } from './fossil-never-together';
import { furnaceCoolsDown } from './furnace-cools-down';
import { guardLetsStart } from './guard-lets-start';
import { kitSizeAsFitted } from './kit-size-as-fitted';
import { limitsLeaveTheSetpoint } from './limits-leave-the-setpoint';
import { limitsLeaveTheTest } from './limits-leave-the-test';
import { lockLast } from './lock-last';
import { lockoutUnderUnitLimit } from './lockout-under-unit-limit';
import { notOnTheJobYet } from './not-on-the-job-yet';
import { offPointApart } from './off-point-apart';
import { oneWayOfSpeed } from './one-way-of-speed';
import { overrideReadable } from './override-readable';
import { recoveryWakesSleepers } from './recovery-wakes-sleepers';
import { restartAfterOutage } from './restart-after-outage';
import { roomSensorFitted } from './room-sensor-fitted';
import { runOnInDamp } from './run-on-in-damp';
import { screenOnBatteries } from './screen-on-batteries';
import { sensorOnlyShown } from './sensor-only-shown';
import { setbackWithoutRecovery } from './setback-without-recovery';
import { shortRest } from './short-rest';
import { sourceAsFitted } from './source-as-fitted';
import { stagesAsWired } from './stages-as-wired';
import { stripsHaveAir } from './strips-have-air';
import type { SetupSubject } from './subject';
import { systemAsFitted } from './system-as-fitted';
import { testLimitsAllowCheck } from './test-limits-allow-check';
import { twoLockoutsInSeries } from './two-lockouts-in-series';
import { twoWaitsAdd } from './two-waits-add';
import { unitLimitNeedsHandover } from './unit-limit-needs-handover';
import { valveAsPlate } from './valve-as-plate';
import { weatherNeedsNetwork } from './weather-needs-network';

/** Rules for settings. */
export const SETUP_RULES: readonly Rule<SetupSubject>[] = [
  fossilNeverTogether,
  systemAsFitted,
  sourceAsFitted,
  valveAsPlate,
  stagesAsWired,
  offPointApart,
  kitSizeAsFitted,
  faultBringsHeat,
  deadbandWideEnough,
  limitsLeaveTheTest,
  limitsLeaveTheSetpoint,
  lockLast,
  lockoutUnderUnitLimit,
  unitLimitNeedsHandover,
  shortRest,
  cyclesFitTheHour,
  furnaceCoolsDown,
  airWithStrips,
  emergencyGoesRound,
  twoLockoutsInSeries,
  weatherNeedsNetwork,
  setbackWithoutRecovery,
  recoveryWakesSleepers,
  restartAfterOutage,
  emergencyOnlyCarries,
  changeoverOffTheBalance,
  changeoverNeverCheaper,
  airflowForSize,
  stripsHaveAir,
  sensorOnlyShown,
  airInDefrost,
  roomSensorFitted,
  testLimitsAllowCheck,
  twoWaitsAdd,
  firstStageTime,
  blowerRunsOn,
  guardLetsStart,
  screenOnBatteries,
  oneWayOfSpeed,
  capacityWithZones,
  briskCallsBackup,
  runOnInDamp,
  notOnTheJobYet,
  overrideReadable,
];
