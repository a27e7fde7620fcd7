import { text } from '@/lib/text';
import { Choice } from './Choice';
import { savePreference } from './savePreference';

/** In which language everything is read, each named in its own. */
export function LanguageChoice({ chosen, languages }: { chosen: string; languages: string[] }) {
    const named = languages.map((language) => [
        language,
        new Intl.DisplayNames(language, { type: 'language' }).of(language) ?? language,
    ]);

    return (
        <Choice
            label={text.account.language}
            value={chosen}
            names={Object.fromEntries(named) as Record<string, string>}
            onChoose={(language) => {
                savePreference({ language }, true);
            }}
        />
    );
}
