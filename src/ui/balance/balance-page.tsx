'use client';

import { useMemo } from 'react';
import { backupNeeds, bankStages } from '@/core/balance/backup-need';
import { balanceAnswer } from '@/core/balance/balance-answer';
import { balanceChart } from '@/core/balance/chart';
import { priceTable } from '@/core/balance/price-table';
import { balancePageFindings } from '@/core/check/on-balance';
import { factApplies } from '@/core/job/applies';
import { backupOf } from '@/core/job/backup';
import type { FactPath } from '@/core/job/document';
import { findingKey } from '@/core/job/finding';
import { FUEL_UNIT } from '@/core/units/constants';
import { FactField } from '../fields/fact-field';
import { findingsOn } from '../fields/findings-on';
import { FindingLine } from '../findings/finding-line';
import { PageAnswer } from '../findings/page-answer';
import { useModel, useMoment } from '../job/deferred-model';
import { DeferBelowFold } from '../loading/defer-below-fold';
import { MeasuredShare } from '../startup/measured-share';
import { BankTable, NeedTable, PriceTable } from './backup-tables';
import { BalanceChart } from './balance-chart';
import { BalanceTabs } from './balance-tabs';
import { LoadEvidence } from './load-evidence';
import { Readout } from './readout';

const UNIT_FACTS: readonly FactPath[] = [
  'outdoorUnit.ratingPoints',
  'outdoorUnit.lowPoints',
  'outdoorUnit.stages',
  'outdoorUnit.frostDerate',
  'outdoorUnit.minOutdoorF',
  'outdoorUnit.capacityShare',
  'outdoorUnit.cyclingLoss',
  'proof.measuredShare',
];
/** Tolerances of sensor and dials: lockouts that just meet on paper may leave a gap. */
const GATE_FACTS: readonly FactPath[] = ['proof.sensorErrorF', 'proof.lockoutPlayF', 'proof.dialErrorF'];
const FUEL_FACTS: readonly FactPath[] = [
  'furnace.fuel',
  'furnace.outputBtuh',
  'furnace.efficiency',
  'prices.fuelPerUnit',
  'prices.electricPerKWh',
];
const WIDE: readonly FactPath[] = ['outdoorUnit.ratingPoints', 'outdoorUnit.lowPoints'];

export const BalancePage = () => {
  const model = useModel();
  const { facts } = model;
  const chart = useMemo(() => balanceChart(facts), [facts]);
  const findings = balancePageFindings(model);
  const needs = useMemo(() => backupNeeds(facts), [facts]);
  const banks = useMemo(() => bankStages(facts), [facts]);
  const prices = useMemo(() => priceTable(facts), [facts]);
  const { outdoorF } = useMoment();
  const answer = useMemo(() => balanceAnswer(facts, outdoorF), [facts, outdoorF]);
  const hasFurnace = backupOf(facts) === 'fossil';
  const fields = (paths: readonly FactPath[]) => (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 md:grid-cols-2">
      {paths
        .filter((path) => factApplies(facts, path))
        .map((path) => (
          <div key={path} className={WIDE.includes(path) ? 'md:col-span-2' : ''}>
            <FactField path={path} findings={findingsOn(findings, path)} />
          </div>
        ))}
    </div>
  );
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <BalanceTabs />
      <PageAnswer>{answer}</PageAnswer>
      <Readout hasFurnace={hasFurnace} />
      <p className="flex flex-wrap items-center gap-2 empty:hidden">
        <MeasuredShare />
      </p>
      <BalanceChart chart={chart} />
      {findings.length > 0 && (
        <ul aria-label="Findings" className="mt-4">
          {findings.map((finding) => (
            <FindingLine key={findingKey(finding)} finding={finding} />
          ))}
        </ul>
      )}
      <DeferBelowFold>
        <div className="mt-8 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 md:grid-cols-2">
          <section aria-label="Backup">
            <h2 className="section-head">Backup</h2>
            <NeedTable needs={needs} hasList={facts.airHandler.allowedKitsKW.length > 0} hasFurnace={hasFurnace} />
          </section>
          {hasFurnace ? (
            <section aria-label="Prices">
              <h2 className="section-head">Fuel price vs. electric price</h2>
              <PriceTable table={prices} unit={FUEL_UNIT[facts.furnace.fuel]} />
            </section>
          ) : (
            <section aria-label="Banks">
              <h2 className="section-head">Staging by bank</h2>
              <BankTable banks={banks} />
              <p className="mt-1 text-sm text-quiet">
                An outdoor thermostat is set a few degrees higher to allow for its differential. Emergency heat bypasses
                it.
              </p>
            </section>
          )}
        </div>
        <LoadEvidence />
        <section aria-label="Heat pump" className="mt-8">
          <h2 className="mb-2 section-head">Heat pump performance data</h2>
          {fields(UNIT_FACTS)}
        </section>
        <section aria-label="Lockout tolerances" className="mt-8">
          <h2 className="mb-2 section-head">Lockout tolerances</h2>
          {fields(GATE_FACTS)}
        </section>
        {hasFurnace && (
          <section aria-label="Furnace and prices" className="mt-8">
            <h2 className="mb-2 section-head">Furnace and prices</h2>
            {fields(FUEL_FACTS)}
          </section>
        )}
        <p className="mt-6 border-l-4 border-line-strong pl-3 text-sm">
          The unit’s performance data and the manufacturer’s limits override anything calculated here. Gas, oil and
          combustion settings are for licensed techs.
        </p>
      </DeferBelowFold>
    </div>
  );
};
