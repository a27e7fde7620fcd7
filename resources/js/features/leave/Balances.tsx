import { printHalves } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { LeaveBalanceProps } from '@/types/generated/props';

const copy = text.leavePage;

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
                    {[copy.allowance, copy.carried, copy.approved, copy.requested, copy.leftHead].map((head) => (
                        <th key={head} scope="col" className="border-b border-edge ps-5 text-end">
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {balances.map(({ kind, allowance, carriedOver, approved, requested, left }) => (
                    <tr key={kind}>
                        <th scope="row" className="border-b border-rule py-1 pe-6">
                            {kind}
                        </th>
                        <td className="border-b border-rule ps-5 text-end">{printHalves(allowance)}</td>
                        <td className="border-b border-rule ps-5 text-end">{printHalves(carriedOver)}</td>
                        <td className="border-b border-rule ps-5 text-end">{printHalves(approved)}</td>
                        <td className="border-b border-rule ps-5 text-end pencilled">
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
