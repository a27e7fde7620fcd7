import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccountRowProps } from '@/types/generated/props';
import { useChosen } from '@/ui/useChosen';
import { SideScroll } from '@/ui/SideScroll';
import { router } from '@inertiajs/react';
import clsx from 'clsx';
import { AccountRow } from './AccountRow';

const copy = officeText.accountsPage;

/** Each with whether a phone shows it as a column; there the rest stands below the name. */
const HEADS = [
    [copy.person, true],
    [copy.access, false],
    [copy.state, false],
    [copy.factor, false],
    [copy.lastUse, false],
    [copy.acts, true],
] as const;

/** Accounts, of which some can be chosen and invited together. */
export function AccountTable({ rows }: { rows: AccountRowProps[] }) {
    const open = rows.filter(({ mayBeInvited }) => mayBeInvited).map(({ code }) => code);
    const { chosen, toggle, clear, all } = useChosen(open, copy.chooseAll);
    const invite = (people: readonly string[]) => {
        router.post(
            route('office.accounts.invite'),
            { people: [...people] },
            {
                preserveScroll: true,
                onSuccess: clear,
            },
        );
    };

    return (
        <>
            {open.length > 0 && (
                <p className="mt-3 flex flex-wrap items-baseline gap-x-4">
                    <button
                        type="button"
                        className="act"
                        disabled={chosen.length === 0}
                        onClick={() => {
                            invite(chosen);
                        }}
                    >
                        {copy.invite(chosen.length)}
                    </button>
                    <span className="pencilled">{copy.inviteHint}</span>
                </p>
            )}
            <SideScroll label={copy.name} className="mt-3">
                <table className="w-full sm:min-w-[58rem]">
                    <thead>
                        <tr className="text-faded">
                            <th scope="col" className="w-8 border-b border-edge">
                                {all}
                            </th>
                            {HEADS.map(([head, isBeside]) => (
                                <th
                                    key={head}
                                    scope="col"
                                    className={clsx('border-b border-edge pe-4', !isBeside && 'max-sm:hidden')}
                                >
                                    {head}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {rows.map((row) => (
                            <AccountRow
                                key={row.code}
                                row={row}
                                isChosen={chosen.includes(row.code)}
                                onChoose={(isOn) => {
                                    toggle(row.code, isOn);
                                }}
                                onInvite={() => {
                                    invite([row.code]);
                                }}
                            />
                        ))}
                    </tbody>
                </table>
            </SideScroll>
        </>
    );
}
