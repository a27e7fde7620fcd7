import { instant } from '@/lib/days';
import { text } from '@/lib/text';
import type { AccountRowProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import type { ReactNode } from 'react';
import { AccountActs } from './AccountActs';

const copy = text.accountsPage;

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
                {row.name} <span className="block text-faded [overflow-wrap:anywhere]">{row.email}</span>
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
            <Cell>
                <AccountActs row={row} onInvite={onInvite} />
            </Cell>
        </tr>
    );
}

function Cell({ children }: { children: ReactNode }) {
    return <td className="border-b border-rule py-1 pe-4 align-top">{children}</td>;
}
