import { closeDatabase } from './database';
import { migrator } from './migrator';

const done = await migrator().up();
console.log(done.length === 0 ? 'The schema is current.' : `Migrated: ${done.map(({ name }) => name).join(', ')}.`);
await closeDatabase();
