import { lightFormat } from 'date-fns';

/** The local day, ISO. */
export const today = (): string => lightFormat(new Date(), 'yyyy-MM-dd');
