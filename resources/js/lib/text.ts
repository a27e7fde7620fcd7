import type { Language } from '@/lang/en';

const languages = import.meta.glob<{ default: Language }>('../lang/*.ts');
const asked = typeof document === 'undefined' ? 'en' : document.documentElement.lang;
const load = languages[`../lang/${asked}.ts`] ?? languages['../lang/en.ts'];
if (load === undefined) {
    throw new Error('No language');
}

/** The sentences of the reader's language; English where there is no other. Only that language is loaded. */
export const text: Language = (await load()).default;
