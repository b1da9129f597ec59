import type { Role } from '../core/access/role';
import { isDemo } from './config';
import { scopeOf } from './crew';
import { crewByHandle } from './repositories/crews';
import { listPeople } from './repositories/people';

/** A person of a made-up crew. */
interface DemoPerson {
  readonly name: string;
  readonly role: Role;
}

/** The made-up crews of a demo; the first has the sample jobs. */
export const DEMO_CREWS: readonly {
  readonly name: string;
  readonly handle: string;
  readonly people: readonly DemoPerson[];
}[] = [
  {
    name: 'Mossgate Heat Pumps',
    handle: 'mossgate',
    people: [
      { name: 'Rosalind Achterberg', role: 'lead' },
      { name: 'Emeric Valtonen', role: 'technician' },
      { name: 'Ilse Brandvold', role: 'apprentice' },
      { name: 'Tomas Reyl', role: 'reader' },
    ],
  },
  {
    name: 'Quillhaven Air',
    handle: 'quillhaven',
    people: [
      { name: 'Anneke Sorensby', role: 'lead' },
      { name: 'Davor Mintz', role: 'technician' },
    ],
  },
];

/** The made-up crews of this server with their people; none unless started as a demo. */
export const demoCrews = async () => {
  if (!isDemo()) return [];
  const found = await Promise.all(DEMO_CREWS.map(({ handle }) => crewByHandle(handle)));
  return Promise.all(
    found
      .filter((crew) => crew !== null)
      .filter((crew) => crew.isDemo && crew.handle !== null)
      .map(async (crew) => ({
        handle: crew.handle!,
        name: crew.name,
        people: (await listPeople(scopeOf({ crewId: crew.id })))
          .filter(({ leftAt }) => leftAt === null)
          .map(({ id, name, role }) => ({ id, name, role })),
      })),
  );
};
