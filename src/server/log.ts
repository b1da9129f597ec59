import pino from 'pino';

/** Structured log, one JSON object a line. `LOG_LEVEL` sets how much. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: undefined });
