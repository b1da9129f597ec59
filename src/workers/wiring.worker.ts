import { expose } from 'comlink';
import { faultTable } from '@/core/wiring/fault-table';

const api = { faultTable };

/** What the wiring worker answers. */
export type WiringWorker = typeof api;

expose(api);
