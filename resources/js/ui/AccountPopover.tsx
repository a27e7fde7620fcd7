import { forgetOffline } from '@/lib/offline';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { HoursChoice } from './HoursChoice';
import { LanguageChoice } from './LanguageChoice';
import { LocaleChoice } from './LocaleChoice';
import type { Opened } from './Opener';
import { Popover } from './Popover';
import { ThemeChoice } from './ThemeChoice';

interface AccountPopoverProps extends Opened {
    person: SignedInProps;
}

/** The account menu, once it is opened. */
export function AccountPopover({ person, ...popover }: AccountPopoverProps) {
    const copy = text.account;

    return (
        <Popover label={copy.label} className="w-64" {...popover}>
            <div className="flex flex-col gap-3">
                <HoursChoice chosen={person.hoursFormat} />
                <LocaleChoice chosen={person.locale} locales={person.locales} />
                {person.languages.length > 1 && <LanguageChoice chosen={person.language} languages={person.languages} />}
                <ThemeChoice />
                <p className="mt-1 flex flex-wrap items-baseline justify-between gap-3">
                    <Link href={`${route('messages')}#notifications`} className="act-quiet">
                        {copy.notifications}
                    </Link>
                    <Link href={route('account')} className="act-quiet">
                        {copy.settings}
                    </Link>
                    <Link
                        href={route('sign-out')}
                        method="post"
                        as="button"
                        className="act-quiet"
                        onSuccess={() => {
                            void forgetOffline();
                        }}
                    >
                        {text.signOut}
                    </Link>
                </p>
            </div>
        </Popover>
    );
}
