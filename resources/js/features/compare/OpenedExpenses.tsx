import { wholeDate } from '@/lib/days';
import { printCents } from '@/lib/money';
import { text } from '@/lib/text';
import type { ComparedExpenseProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { ReceiptLinks } from '@/ui/ReceiptLinks';

/** The expenses behind a figure in money, each with its receipts. */
export function OpenedExpenses({ expenses, all }: { expenses: ComparedExpenseProps[]; all: number }) {
    return (
        <AttentionItem title={text.trace.expenses(expenses.length, all)}>
            <ul>
                {expenses.map((expense, index) => (
                    <li key={index} className="border-t border-rule py-1">
                        <span className="flex justify-between gap-3">
                            <span className="text-faded">{wholeDate(expense.date)}</span>
                            <span className={`shrink-0 stroke-${expense.state}`} title={text.state[expense.state]}>
                                {printCents(expense.cents, '')}
                                <span className="sr-only"> {text.state[expense.state]}</span>
                            </span>
                        </span>
                        <span className="block [overflow-wrap:anywhere]">
                            {expense.person}
                            <span className="block text-[0.9em] text-faded">
                                {expense.project} · {expense.task} · {expense.category}
                            </span>
                            <ReceiptLinks receipts={expense.receipts} />
                        </span>
                    </li>
                ))}
            </ul>
        </AttentionItem>
    );
}
