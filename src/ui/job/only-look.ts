import { toast } from '../kit/toast';

/** Says that the viewer may look but not change anything. */
export const isReadOnly = (): void => {
  toast('You can view this but not change it. Your crew lead sets what you can do.', { id: 'only-look' });
};
