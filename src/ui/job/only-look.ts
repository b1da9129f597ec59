import { toast } from '../kit/toast';

/** Says that who is signed in may look at this and not change it. */
export const isReadOnly = (): void => {
  toast('You can view this but not change it. Your crew lead sets what you can do.', { id: 'only-look' });
};
