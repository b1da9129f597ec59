import type { HandoverRecord } from '@/core/handover/record';
import { useDegrees } from '../degrees/degrees';
import { HomeownerPage } from './homeowner-page';
import { RecordChangeout } from './record-changeout';
import { RecordFacts } from './record-facts';
import { RecordOpen } from './record-open';
import { RecordReadings } from './record-readings';
import { RecordSettings } from './record-settings';
import { RecordTerminals } from './record-terminals';

/** A paper page on screen. */
export const SHEET =
  'mx-auto mb-8 max-w-[52rem] border border-line bg-sheet p-6 sm:p-10 print:m-0 print:max-w-none print:border-0 print:p-0';

const TITLE =
  'mt-4 mb-1 break-after-avoid border-b-2 border-ink font-label text-xl font-semibold print:mt-1 print:border-b print:text-[10pt] print:leading-tight';

/** A record as printed: the technician's page and the homeowner's. */
export const RecordPages = ({ record, signed }: { record: HandoverRecord; signed: React.ReactNode }) => {
  const { text } = useDegrees();
  return (
    <>
      <article aria-label="Technician’s page" className={`${SHEET} print:break-after-page`}>
        <h2 className="page-head print:leading-none">Startup record</h2>
        <p>
          {record.name} · {record.address} · {record.elevation}
          {record.visit && ` · ${record.visit.reason}`}
        </p>
        {signed}
        {record.imported && (
          <p className="text-sm font-medium print:text-[7pt] print:leading-none">{record.imported}</p>
        )}
        <h3 className={TITLE}>Open</h3>
        <RecordOpen {...record} />
        <h3 className={TITLE}>Readings</h3>
        <RecordReadings {...record} />
        {record.changeout && (
          <>
            <h3 className={TITLE}>From the old thermostat</h3>
            <RecordChangeout {...record} />
          </>
        )}
        <h3 className={TITLE}>Settings</h3>
        <RecordSettings {...record} />
        <h3 className={TITLE}>Terminals to C, V at {text(record.outdoorF)} out</h3>
        <RecordTerminals {...record} />
        <p className="text-xs print:text-[6.6pt] print:leading-none">
          R is hot on every call. Terminals not listed are never hot.
        </p>
        <p className="mt-3 text-xs print:mt-0.5 print:text-[6.6pt] print:leading-none">
          Local codes, the manufacturer’s instructions and licensed practice come before anything on this page.
        </p>
        <h3 className={TITLE}>Facts</h3>
        <RecordFacts {...record} />
      </article>
      <HomeownerPage address={record.address} paragraphs={record.homeowner} className={SHEET} />
    </>
  );
};
