import { locale as current } from '@/lib/locale';
import { text } from '@/lib/text';
import { Choice } from './Choice';
import { savePreference } from './savePreference';

/** How numbers and dates are written, on every device. */
export function LocaleChoice({ chosen, locales }: { chosen: string | null; locales: string[] }) {
    const names = new Intl.DisplayNames(current, { type: 'language', languageDisplay: 'standard' });
    const sample = new Date(2026, 5, 17);
    const options = locales.map((locale) => [locale, names.of(locale) ?? locale] as const);

    return (
        <Choice
            label={text.account.locale}
            value={chosen ?? ''}
            names={Object.fromEntries([['', text.account.browserLocale], ...options])}
            hint={text.account.localeSample(
                new Intl.DateTimeFormat(current, { dateStyle: 'medium' }).format(sample),
                new Intl.NumberFormat(current, { minimumFractionDigits: 1 }).format(1234.5),
            )}
            onChoose={(locale) => {
                savePreference({ locale: locale === '' ? null : locale }, true);
            }}
        />
    );
}
