import { officeText } from '@/lib/officeText';
import type { AccountsProps } from '@/types/generated/props';
import { OfficeShell } from '@/features/office';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { AccountTable } from './AccountTable';
import { accountsAddress } from './accountsAddress';
import { SignInSettings } from './SignInSettings';

const copy = officeText.accountsPage;

/** Who can sign in, and what is required of them. */
export function AccountsPage({ accounts }: { accounts: AccountsProps }) {
    const { search, state, people, withoutPassword, withoutFactor, rows, page, pages, found } = accounts;

    return (
        <OfficeShell title={copy.name} finding={copy.finding(people, withoutPassword, withoutFactor)}>
            <div className="mt-3 flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                <SearchBox label={copy.search} value={search} address={(words) => accountsAddress(words, state)} />
                <Select
                    label={copy.status}
                    value={state}
                    options={Object.entries(copy.states)}
                    onChoose={(chosen) => {
                        router.get(accountsAddress(search, chosen));
                    }}
                />
                {(search !== '' || state !== '') && <span className="text-faded">{copy.found(found)}</span>}
            </div>
            {rows.length === 0 ? (
                <p className="mt-4">{copy.none}</p>
            ) : (
                <AccountTable key={`${search} ${state} ${String(page)}`} rows={rows} />
            )}
            <Paging page={page} pages={pages} address={(other) => accountsAddress(search, state, other)} className="mt-3" />
            <SignInSettings accounts={accounts} />
        </OfficeShell>
    );
}
