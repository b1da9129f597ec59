import type { ControllerProfile } from './profile';
import { quillwort } from './quillwort';
import { spurge } from './spurge';
import { stonecrop } from './stonecrop';
import { toadflax } from './toadflax';

/** The made-up controllers that ship. */
export const SHIPPED_PROFILES: readonly ControllerProfile[] = [quillwort, spurge, toadflax, stonecrop];

/** Whether an id belongs to a shipped profile: those are copied, never changed. */
export const isShipped = (id: string): boolean => SHIPPED_PROFILES.some((profile) => profile.id === id);
