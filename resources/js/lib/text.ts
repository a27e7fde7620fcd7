import { en, type Language } from '@/lang/en';

const languages: Record<string, Language> = { en };

/** The sentences of the page's language; English where there is no other. */
export const text: Language = languages[typeof document === 'undefined' ? 'en' : document.documentElement.lang] ?? en;
