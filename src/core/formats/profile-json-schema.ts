import { CONTROLLER_ROLES } from '../job/controllers';
import { NUMBER_SCALES, PROFILE_FILE_VERSION, PROFILE_FORMAT } from '../setup/profiles/profile';
import { SETTINGS } from '../setup/settings';

type JsonSchema = Record<string, unknown>;

const text = (maxLength: number, description?: string): JsonSchema => ({
  type: 'string',
  maxLength,
  ...(description ? { description } : {}),
});
const steps = (description: string): JsonSchema => ({
  type: 'array',
  maxItems: 30,
  items: { type: 'string', minLength: 1, maxLength: 400 },
  description,
});
const closed = (properties: JsonSchema, required: readonly string[], description?: string): JsonSchema => ({
  type: 'object',
  additionalProperties: false,
  required,
  properties,
  ...(description ? { description } : {}),
});

const options: JsonSchema = {
  type: 'array',
  maxItems: 100,
  items: closed(
    {
      code: {
        type: 'string',
        minLength: 1,
        maxLength: 40,
        description: 'What the controller shows: a number, an answer, a switch pattern such as 01, a pin.',
      },
      label: text(120),
      means: {
        type: 'object',
        description: 'The setting values that this code means. All of them apply.',
        propertyNames: { enum: SETTINGS.map(({ id }) => id) },
        additionalProperties: { type: ['string', 'number', 'null'] },
      },
    },
    ['code', 'label'],
  ),
};

const forms: JsonSchema[] = [
  closed({ kind: { const: 'menu' }, options }, ['kind', 'options'], 'One of a few values.'),
  closed(
    {
      kind: { const: 'number' },
      setting: { enum: SETTINGS.filter(({ kind }) => kind === 'number').map(({ id }) => id) },
      min: { type: 'number', description: 'As the controller shows it.' },
      max: { type: 'number' },
      step: { type: 'number', exclusiveMinimum: 0 },
      scale: { enum: Object.keys(NUMBER_SCALES) },
      none: text(20, 'What the controller shows for “none”.'),
    },
    ['kind', 'setting', 'min', 'max', 'step', 'scale'],
    'A number.',
  ),
  closed(
    {
      kind: { const: 'switches' },
      bank: text(20),
      positions: { type: 'array', minItems: 1, maxItems: 12, items: { type: 'integer', minimum: 1 } },
      options,
    },
    ['kind', 'bank', 'positions', 'options'],
    'Switches of a bank; a code is a pattern of 0 and 1 in the order of the positions.',
  ),
  closed(
    { kind: { const: 'jumper' }, block: text(20), options },
    ['kind', 'block', 'options'],
    'One jumper on a block; a code is a pin.',
  ),
];

const condition: JsonSchema = {
  oneOf: [
    closed({ entry: text(40), scope: text(40), is: { type: 'array', minItems: 1, items: text(40) } }, ['entry', 'is']),
    closed({ all: { type: 'array', minItems: 1, items: { $ref: '#/definitions/condition' } } }, ['all']),
    closed({ any: { type: 'array', minItems: 1, items: { $ref: '#/definitions/condition' } } }, ['any']),
  ],
};

/** The JSON Schema of the controller profile, for YAML and JSON alike. */
export const profileJsonSchema = (): JsonSchema => ({
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'Gate Cross controller profile',
  definitions: { condition },
  ...closed(
    {
      format: { const: PROFILE_FORMAT },
      fileVersion: { const: PROFILE_FILE_VERSION },
      id: { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{2,59}$' },
      name: { type: 'string', minLength: 1, maxLength: 80 },
      role: { enum: CONTROLLER_ROLES },
      about: text(600),
      scopes: {
        type: 'array',
        minItems: 1,
        maxItems: 10,
        description: 'What entries apply to; each is saved by itself.',
        items: closed({ id: text(40), label: text(80) }, ['id', 'label']),
      },
      before: steps('What must be done first, such as switching the unit off.'),
      enter: steps('How its setup is entered.'),
      save: steps('How a scope is saved.'),
      activate: steps('How to activate saved values, if needed'),
      readBack: steps('How values are read back.'),
      delays: {
        type: 'array',
        maxItems: 30,
        items: closed({ label: text(160), seconds: { type: 'number', minimum: 0 } }, ['label', 'seconds']),
      },
      banks: {
        type: 'array',
        maxItems: 12,
        items: closed({ id: text(20), label: text(80), switches: { type: 'integer', minimum: 1, maximum: 12 } }, [
          'id',
          'label',
          'switches',
        ]),
      },
      jumpers: {
        type: 'array',
        maxItems: 12,
        items: closed(
          { id: text(20), label: text(80), pins: { type: 'array', minItems: 1, maxItems: 12, items: text(20) } },
          ['id', 'label', 'pins'],
        ),
      },
      entries: {
        type: 'array',
        minItems: 1,
        maxItems: 300,
        description: 'In the order in which the controller shows them.',
        items: closed(
          {
            code: { type: 'string', minLength: 1, maxLength: 40 },
            label: text(160, 'The controller’s own words.'),
            scope: text(40),
            path: text(160, 'Menu path, if the entry is not in sequence.'),
            form: { oneOf: forms },
            shownWhen: { $ref: '#/definitions/condition' },
            factory: text(40, 'The factory code.'),
            isLasting: { type: 'boolean', description: 'Once saved, the value cannot be undone.' },
            note: text(400),
          },
          ['code', 'label', 'scope', 'form'],
        ),
      },
    },
    ['format', 'fileVersion', 'id', 'name', 'role', 'about', 'scopes', 'entries'],
  ),
});
