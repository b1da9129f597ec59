import { toast } from '../kit/toast';

/** Says that who is signed in may look at this and not change it. */
export const mayOnlyLook = (): void => {
  toast('You may look at this, and not change it. Your lead changes what you may do.', { id: 'only-look' });
};
