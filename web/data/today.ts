import { format } from 'date-fns';

/** The local day, ISO. */
export const today = (): string => format(new Date(), 'yyyy-MM-dd');
