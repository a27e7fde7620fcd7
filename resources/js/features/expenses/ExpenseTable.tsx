import { officeText } from '@/lib/officeText';
import type { ExpensesProps } from '@/types/generated/props';
import { ExpenseRow } from './ExpenseRow';

const copy = officeText.expensesPage;

interface ExpenseTableProps {
    page: ExpensesProps;
    opened: number | null;
    onOpen: (expense: number) => void;
}

/** The expenses of the week, day by day. */
export function ExpenseTable({ page, opened, onOpen }: ExpenseTableProps) {
    const own = page.currencies[0]?.code ?? '';

    return (
        <table className="mt-4 w-full">
            <caption className="sr-only">{copy.list}</caption>
            <thead className="text-faded">
                <tr>
                    <th scope="col" className="w-24 border-b border-edge pe-3">
                        {copy.day}
                    </th>
                    <th scope="col" className="border-b border-edge pe-3">
                        {copy.what}
                    </th>
                    <th scope="col" className="w-32 border-b border-edge pe-3 text-end">
                        {copy.amount}
                    </th>
                    <th scope="col" className="w-32 border-b border-edge pe-3 text-end max-sm:hidden">
                        {copy.own(own)}
                    </th>
                    <th scope="col" className="w-36 border-b border-edge max-sm:hidden">
                        {copy.state}
                    </th>
                </tr>
            </thead>
            <tbody>
                {page.expenses.map((expense) => (
                    <ExpenseRow key={expense.id} page={page} expense={expense} isOpened={expense.id === opened} onOpen={onOpen} />
                ))}
            </tbody>
        </table>
    );
}
