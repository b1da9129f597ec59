import pino from 'pino';

/** Structured log, one JSON object per line. `LOG_LEVEL` sets the level. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: undefined });
