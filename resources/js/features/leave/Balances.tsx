import { printHalves } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import type { LeaveBalanceProps } from '@/types/generated/props';
import clsx from 'clsx';

const copy = officeText.leavePage;

/** Columns that on a phone are said below the kind. */
const BESIDE = 'max-sm:hidden';

const heads = [
    [copy.allowance, false],
    [copy.carried, true],
    [copy.approved, false],
    [copy.requested, true],
    [copy.leftHead, false],
] as const;

/** Days of each kind that has an allowance: how many there are, how many are taken, and what is left. */
export function Balances({ balances }: { balances: LeaveBalanceProps[] }) {
    return (
        <table className="max-w-2xl self-start">
            <caption className="text-start font-semibold">{copy.balance}</caption>
            <thead className="text-faded">
                <tr>
                    <th scope="col" className="border-b border-edge pe-6">
                        {copy.kind}
                    </th>
                    {heads.map(([head, isBelow]) => (
                        <th key={head} scope="col" className={clsx('border-b border-edge ps-5 text-end', isBelow && BESIDE)}>
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {balances.map(({ kind, allowance, carriedOver, approved, requested, left }) => (
                    <tr key={kind}>
                        <th scope="row" className="border-b border-rule py-1 pe-6">
                            <span className="[overflow-wrap:anywhere]">{kind}</span>
                            <span className="block font-normal text-faded sm:hidden">
                                {copy.besideBalance(carriedOver, requested)}
                            </span>
                        </th>
                        <td className="border-b border-rule ps-5 text-end">{printHalves(allowance)}</td>
                        <td className={clsx('border-b border-rule ps-5 text-end', BESIDE)}>{printHalves(carriedOver)}</td>
                        <td className="border-b border-rule ps-5 text-end">{printHalves(approved)}</td>
                        <td className={clsx('border-b border-rule ps-5 text-end pencilled', BESIDE)}>
                            {requested > 0 && printHalves(requested)}
                        </td>
                        <td className={`border-b border-rule ps-5 text-end font-semibold ${left < 0 ? 'text-brick' : ''}`}>
                            {left < 0 ? `−${printHalves(-left)}` : printHalves(left)}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
