import { soon } from '@/lib/soon';
import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Suspense, useState } from 'react';

const AccountPopover = soon(async () => (await import('./AccountPopover')).AccountPopover);

/** How the reader has things shown, and the way out. */
export function AccountMenu({ person }: { person: SignedInProps }) {
    // Nothing but the button is there until it is first opened.
    const [isOpen, open] = useState<boolean | null>(null);
    const trigger = (onClick?: () => void) => (
        <button
            type="button"
            aria-label={text.account.of(person.name)}
            aria-haspopup="dialog"
            title={person.name}
            className="min-h-6 max-w-72 cursor-pointer truncate text-ink underline-offset-4 hover:underline"
            onClick={onClick}
        >
            {person.name}
        </button>
    );
    const openFirst = trigger(() => {
        open(true);
    });
    if (isOpen === null) {
        return openFirst;
    }

    return (
        <Suspense fallback={openFirst}>
            <AccountPopover person={person} isOpen={isOpen} onOpen={open} trigger={trigger()} />
        </Suspense>
    );
}
