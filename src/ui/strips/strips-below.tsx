'use client';

import { checkEquipment } from '@/core/check/equipment';
import { findingsFor } from '@/core/check/pages';
import { FindingsList } from '../findings/findings-list';
import { useModel } from '../job/deferred-model';
import { JobLink } from '../job/job-link';
import { useJob } from '../job/provider';
import { AirflowByRise } from './airflow-by-rise';
import { ExpectedTable } from './expected-table';
import { FindKit } from './find-kit';
import { KitFitTable } from './kit-fit-table';
import { useKitVolts } from './use-kit-volts';
import { VerifyDead } from './verify-dead';

/** Below the ladder: findings, expected readings, whether the kit belongs, and verifying dead. */
export const StripsBelow = () => {
  const model = useModel();
  const readings = useJob((job) => job.readings);
  const { volts } = useKitVolts(model.facts);
  return (
    <>
      <FindingsList findings={findingsFor('strips', checkEquipment(model, readings))} />
      <p className="mt-2">
        <JobLink to="strips/service">Can the house service carry it?</JobLink>
      </p>
      <div className="mt-8 grid gap-8 lg:grid-cols-2">
        <ExpectedTable volts={volts} />
        <KitFitTable volts={volts} />
        <VerifyDead />
        <FindKit />
        <AirflowByRise />
      </div>
    </>
  );
};
