import type { OfficeLanguage } from '@/lang/office/en';

const languages = import.meta.glob<{ default: OfficeLanguage }>('../lang/office/*.ts');
const asked = typeof document === 'undefined' ? 'en' : document.documentElement.lang;
const load = languages[`../lang/office/${asked}.ts`] ?? languages['../lang/office/en.ts'];
if (load === undefined) {
    throw new Error('No language');
}

/** The sentences of pages that few people open, in the reader's language; English where there is no other. */
export const officeText: OfficeLanguage = (await load()).default;
