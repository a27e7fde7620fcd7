import { wholeDate } from '@/lib/days';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { TraceProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { ReceiptLinks } from '@/ui/ReceiptLinks';

/** The expenses behind a figure in money, each with its receipts. */
export function TraceExpenses({ trace, currency }: { trace: TraceProps; currency: string }) {
    return (
        <AttentionItem title={text.trace.expenses(trace.expenses.length, trace.allExpenses)}>
            <table className="w-full">
                <tbody>
                    {trace.expenses.map((expense, index) => (
                        <tr key={index} className="border-t border-rule align-baseline">
                            <td className="pe-2 whitespace-nowrap text-faded">{wholeDate(expense.date)}</td>
                            <td>
                                {expense.person}
                                <span className="block text-[0.9em] text-faded">
                                    {trace.task === null ? `${expense.task} · ${expense.category}` : expense.category}
                                </span>
                                <ReceiptLinks receipts={expense.receipts} />
                            </td>
                            <td className="ps-2 text-end whitespace-nowrap">
                                <span className={`stroke-${expense.state}`} title={text.state[expense.state]}>
                                    {printMoney(expense.cost, currency)}
                                </span>
                                <span className="sr-only"> {text.state[expense.state]}</span>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </AttentionItem>
    );
}
