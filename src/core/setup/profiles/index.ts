import type { ControllerProfile } from './profile';
import { quillwort } from './quillwort';
import { spurge } from './spurge';
import { stonecrop } from './stonecrop';
import { toadflax } from './toadflax';

/** The made-up controllers that ship with the application. */
export const SHIPPED_PROFILES: readonly ControllerProfile[] = [quillwort, spurge, toadflax, stonecrop];

/** Whether an id belongs to a profile that ships: those are copied, never changed. */
export const isShipped = (id: string): boolean => SHIPPED_PROFILES.some((profile) => profile.id === id);
