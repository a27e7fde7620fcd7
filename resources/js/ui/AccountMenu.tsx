import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Opener } from './Opener';
import { soon } from './soon';

const AccountPopover = soon(async () => (await import('./AccountPopover')).AccountPopover);

/** How the reader has things shown, and the way out. */
export function AccountMenu({ person }: { person: SignedInProps }) {
    return (
        <Opener
            button={(onClick) => (
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
            )}
        >
            {(opened, meanwhile) => <AccountPopover person={person} {...opened} meanwhile={meanwhile} />}
        </Opener>
    );
}
