import { CONTROLLER_ROLES } from '../job/controllers';
import { ALL_FACTS, JOB_FILE_VERSION } from '../job/document';
import type { AnyFact } from '../job/fact';
import { FACT_GROUPS } from '../job/facts';
import { MARK_KINDS } from '../job/setting-marks';
import { VISIT_REASONS } from '../job/visit';
import { JOB_FILE_MOST } from './job-file-limit';

type JsonSchema = Record<string, unknown>;

const factSchema = (fact: AnyFact): JsonSchema => {
  const about = { title: fact.label, ...(fact.why ? { description: fact.why } : {}) };
  switch (fact.kind) {
    case 'number':
      return {
        ...about,
        type: fact.none === undefined ? 'number' : ['number', 'null'],
        minimum: fact.min,
        maximum: fact.max,
        ...(fact.isShare ? { $comment: 'a fraction of 1' } : fact.unit ? { $comment: `unit: ${fact.unit}` } : {}),
        default: fact.assumed,
      };
    case 'choice':
      return { ...about, enum: fact.options.map(({ value }) => value), default: fact.assumed };
    case 'flag':
      return { ...about, type: 'boolean', default: fact.assumed };
    case 'text':
      return { ...about, type: 'string', maxLength: fact.maxLength, default: '' };
    case 'numbers':
      return {
        ...about,
        type: 'array',
        items: { type: 'number', minimum: fact.min, maximum: fact.max, $comment: `unit: ${fact.unit}` },
        minItems: fact.least,
        maxItems: fact.most,
        default: fact.assumed,
      };
    case 'records':
      return {
        ...about,
        type: fact.none === undefined ? 'array' : ['array', 'null'],
        maxItems: fact.most,
        items: {
          type: 'object',
          properties: Object.fromEntries(
            Object.entries(fact.columns).map(([name, most]) => [name, { type: 'string', maxLength: most }]),
          ),
          required: Object.keys(fact.columns),
          additionalProperties: false,
        },
        default: fact.assumed,
      };
    case 'table': {
      const columns = Object.entries(fact.columns);
      const properties = Object.fromEntries(
        columns.map(([name, { label, unit, min, max }]) => [
          name,
          { title: label, type: 'number', minimum: min, maximum: max, ...(unit ? { $comment: `unit: ${unit}` } : {}) },
        ]),
      );
      return {
        ...about,
        type: 'array',
        minItems: fact.least,
        maxItems: fact.most,
        items: { type: 'object', properties, required: columns.map(([name]) => name), additionalProperties: false },
        default: fact.assumed,
      };
    }
  }
};

const uuid = { type: 'string', pattern: '^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$' };
const time = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d+)?Z$' };

const origin = {
  description: 'The device it was entered on, that device’s counter, and its clock error.',
  oneOf: [
    {
      type: 'object',
      additionalProperties: false,
      required: ['device', 'sequence', 'clockOffsetMs'],
      properties: {
        device: uuid,
        sequence: { type: 'integer', minimum: 0 },
        clockOffsetMs: { type: ['number', 'null'], $comment: 'unit: ms' },
      },
    },
    { type: 'null' },
  ],
};

/** The JSON Schema of the job file, generated from the facts. Missing facts take their default. */
export const jobJsonSchema = (): JsonSchema => ({
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'Gate Cross job file',
  type: 'object',
  required: ['format', 'fileVersion', 'id', 'facts', 'confirmed', 'handedOverAt', 'readings'],
  additionalProperties: false,
  properties: {
    format: { const: 'gate-cross-job' },
    fileVersion: {
      description: 'Older versions are read too.',
      enum: Array.from({ length: JOB_FILE_VERSION }, (_, before) => before + 1),
    },
    id: uuid,
    facts: {
      type: 'object',
      additionalProperties: false,
      properties: Object.fromEntries(
        Object.keys(FACT_GROUPS).map((group) => [
          group,
          {
            type: 'object',
            additionalProperties: false,
            properties: Object.fromEntries(
              ALL_FACTS.filter((entry) => entry.group === group).map(({ path, fact }) => [
                path.slice(group.length + 1),
                factSchema(fact),
              ]),
            ),
          },
        ]),
      ),
    },
    confirmed: {
      description: 'Facts someone has confirmed; all others are assumed.',
      type: 'array',
      items: { enum: ALL_FACTS.map(({ path }) => path) },
    },
    handedOverAt: { oneOf: [time, { type: 'null' }] },
    visits: {
      description: 'When someone came and why. Optional: work is then sorted into visits by time.',
      type: 'array',
      maxItems: JOB_FILE_MOST.visits,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'reason', 'began', 'ended', 'author'],
        properties: {
          id: uuid,
          reason: { enum: Object.keys(VISIT_REASONS) },
          began: time,
          ended: { oneOf: [time, { type: 'null' }] },
          author: { type: 'string', maxLength: 80 },
        },
      },
    },
    readings: {
      type: 'array',
      maxItems: JOB_FILE_MOST.readings,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'item', 'value', 'place', 'at', 'author', 'instrument', 'replaces'],
        properties: {
          id: uuid,
          item: {
            description: 'step/item of the startup',
            type: 'string',
            pattern: '^[A-Za-z0-9-]{1,40}/[A-Za-z0-9-]{1,60}$',
          },
          value: {
            oneOf: [
              { type: 'number', minimum: -1000, maximum: 1_000_000 },
              { enum: ['OL', 'done', 'undone', null] },
              { type: 'string', pattern: '^seen:', maxLength: 160 },
            ],
          },
          place: { type: ['string', 'null'], maxLength: 40 },
          at: time,
          author: { type: 'string', minLength: 1, maxLength: 80 },
          instrument: { type: 'string', maxLength: 80 },
          replaces: { oneOf: [uuid, { type: 'null' }] },
          visit: { description: 'May be missing: found by its time.', ...uuid },
          enteredBy: { description: 'Empty: who read it.', type: 'string', maxLength: 80 },
          meterOhms: {
            description: 'The meter’s input impedance for voltage readings.',
            type: ['number', 'null'],
            exclusiveMinimum: 0,
            $comment: 'unit: Ω',
          },
          origin,
          note: { type: 'string', maxLength: 500 },
          status: {
            description:
              'If missing, the reading was taken. Withdrawn and skipped readings have the value null and a reason.',
            enum: ['taken', 'withdrawn', 'not-measured'],
          },
          why: { type: 'string', maxLength: 200 },
          countersign: {
            description:
              'For an apprentice’s reading: waiting, or who countersigned it and when. Missing: no countersignature needed.',
            oneOf: [
              { enum: ['waits', null] },
              {
                type: 'object',
                additionalProperties: false,
                required: ['by', 'at'],
                properties: { by: { type: 'string', minLength: 1, maxLength: 80 }, at: time },
              },
            ],
          },
        },
      },
    },
    handovers: {
      description: 'Signed records as printed at handover: text only, never recalculated. Missing: none.',
      type: 'array',
      maxItems: JOB_FILE_MOST.handovers,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'handedOverAt', 'author', 'coreVersion', 'record'],
        properties: {
          id: uuid,
          handedOverAt: time,
          author: { type: 'string', maxLength: 80 },
          coreVersion: { type: 'string', maxLength: 80 },
          record: { type: 'object' },
          imported: {
            description: 'Where it was imported from: it was signed elsewhere. Missing: it was signed here.',
            type: 'object',
            additionalProperties: false,
            required: ['at', 'by', 'from'],
            properties: { at: time, by: { type: 'string', maxLength: 80 }, from: { type: 'string', maxLength: 200 } },
          },
        },
      },
    },
    settingMarks: {
      description: 'What was found, left and read back at the controllers. May be missing: none.',
      type: 'array',
      maxItems: JOB_FILE_MOST.settingMarks,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'at', 'author', 'controller', 'profile', 'entry', 'code', 'label', 'kind', 'value', 'words'],
        properties: {
          id: uuid,
          at: time,
          author: { type: 'string', minLength: 1, maxLength: 80 },
          enteredBy: { description: 'Empty: the author.', type: 'string', maxLength: 80 },
          controller: { enum: CONTROLLER_ROLES },
          profile: { type: 'string', minLength: 1, maxLength: 60 },
          entry: { description: 'scope/code, or step-…', type: 'string', minLength: 1, maxLength: 100 },
          code: { type: 'string', maxLength: 40 },
          label: { type: 'string', maxLength: 160 },
          kind: { enum: Object.keys(MARK_KINDS) },
          value: {
            description: 'The code or the number shown; empty takes the mark back.',
            type: 'string',
            maxLength: 40,
          },
          words: { type: 'string', maxLength: 160 },
          visit: { description: 'May be missing: found by its time.', ...uuid },
          origin,
        },
      },
    },
  },
});
