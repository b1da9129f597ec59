import { writeFileSync } from 'node:fs';
import { jobJsonSchema } from '../src/core/formats/job-json-schema';

writeFileSync('docs/job-file.schema.json', `${JSON.stringify(jobJsonSchema(), null, 2)}\n`);
