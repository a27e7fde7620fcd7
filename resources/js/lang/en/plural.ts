import { pluralsOf } from '@/lib/plural';

/** The form of a sentence for a count, in English. */
export const plural = pluralsOf('en');
