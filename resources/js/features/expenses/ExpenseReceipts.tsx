import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseReceiptProps } from '@/types/generated/props';

const copy = officeText.expensesPage;

/** The receipts of an expense, each a link to its file. */
export function ExpenseReceipts({ expense }: { expense: { receipts: ExpenseReceiptProps[] } }) {
    return expense.receipts.length === 0 ? null : (
        <span className="flex flex-wrap gap-x-3 text-[0.9rem]">
            {expense.receipts.map(({ id, name }) => (
                <a
                    key={id}
                    href={route('receipts', { receipt: id })}
                    target="_blank"
                    rel="noreferrer"
                    className="underline decoration-edge underline-offset-4"
                    title={copy.receipt(name)}
                >
                    {name}
                </a>
            ))}
        </span>
    );
}
