import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { HoursChoice } from './HoursChoice';
import { LanguageChoice } from './LanguageChoice';
import { LocaleChoice } from './LocaleChoice';
import { Popover } from './Popover';
import { ThemeChoice } from './ThemeChoice';

/** How the reader has things shown, and the way out. */
export function AccountMenu({ person }: { person: SignedInProps }) {
    const copy = text.account;

    return (
        <Popover
            label={copy.label}
            className="w-64"
            trigger={
                <button
                    type="button"
                    aria-label={copy.of(person.name)}
                    title={person.name}
                    className="min-h-6 max-w-72 cursor-pointer truncate text-ink underline-offset-4 hover:underline"
                >
                    {person.name}
                </button>
            }
        >
            <div className="flex flex-col gap-3">
                <HoursChoice chosen={person.hoursFormat} />
                <LocaleChoice chosen={person.locale} locales={person.locales} />
                {person.languages.length > 1 && <LanguageChoice chosen={person.language} languages={person.languages} />}
                <ThemeChoice />
                <p className="mt-1 flex flex-wrap justify-between gap-3">
                    <Link href={`${route('messages')}#notifications`} className="act-quiet">
                        {copy.notifications}
                    </Link>
                    <Link href={route('sign-out')} method="post" as="button" className="act-quiet">
                        {text.signOut}
                    </Link>
                </p>
            </div>
        </Popover>
    );
}
