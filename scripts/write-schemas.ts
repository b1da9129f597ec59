import { mkdirSync, writeFileSync } from 'node:fs';
import { jobJsonSchema } from '../src/core/formats/job-json-schema';
import { profileYaml } from '../src/core/formats/profile-file';
import { profileJsonSchema } from '../src/core/formats/profile-json-schema';
import { SHIPPED_PROFILES } from '../src/core/setup/profiles';

const json = (schema: object) => `${JSON.stringify(schema, null, 2)}\n`;

writeFileSync('docs/job-file.schema.json', json(jobJsonSchema()));
writeFileSync('docs/controller-profile.schema.json', json(profileJsonSchema()));
mkdirSync('docs/controllers', { recursive: true });
for (const profile of SHIPPED_PROFILES) writeFileSync(`docs/controllers/${profile.id}.yaml`, profileYaml(profile));
