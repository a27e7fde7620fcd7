import { instant } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { AccountRowProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import clsx from 'clsx';
import type { ReactNode } from 'react';
import { AccountActs } from './AccountActs';

const copy = officeText.accountsPage;

interface RowProps {
    row: AccountRowProps;
    isChosen: boolean;
    onChoose: (isOn: boolean) => void;
    onInvite: () => void;
}

/** Somebody's account. */
export function AccountRow({ row, isChosen, onChoose, onInvite }: RowProps) {
    return (
        <tr>
            <td className="border-b border-rule align-top">
                {row.mayBeInvited && <Checkbox label={copy.choose(row.name)} hidesLabel checked={isChosen} onChange={onChoose} />}
            </td>
            <th scope="row" className="border-b border-rule py-1 pe-4 align-top">
                <span className="[overflow-wrap:anywhere]">{row.name}</span>{' '}
                <span className="block text-faded [overflow-wrap:anywhere]">{row.email}</span>
                <span className="block text-faded sm:hidden">
                    {copy.inShort(copy.accesses[row.access], copy.accountStates[row.state], row.hasFactor)}
                </span>
            </th>
            <Cell>{copy.accesses[row.access]}</Cell>
            <Cell>
                {copy.accountStates[row.state]}
                {row.invitedAt !== null && row.state !== 'active' && row.state !== 'disabled' && row.state !== 'left' && (
                    <span className="block text-faded">{copy.invitedAt(instant(row.invitedAt))}</span>
                )}
            </Cell>
            <Cell>{row.hasFactor && copy.factorOn}</Cell>
            <Cell>
                {row.lastSeenAt !== null && (
                    <>
                        {instant(row.lastSeenAt)} <span className="block text-faded">{copy.signIns(row.signIns)}</span>
                    </>
                )}
            </Cell>
            <Cell isBeside>
                <AccountActs row={row} onInvite={onInvite} />
            </Cell>
        </tr>
    );
}

function Cell({ isBeside = false, children }: { isBeside?: boolean; children: ReactNode }) {
    return <td className={clsx('border-b border-rule py-1 pe-4 align-top', !isBeside && 'max-sm:hidden')}>{children}</td>;
}
