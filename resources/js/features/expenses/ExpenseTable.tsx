import { printAmount } from '@/lib/money';
import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import type { ExpensesProps } from '@/types/generated/props';
import { ExpenseRow } from './ExpenseRow';

const copy = officeText.expensesPage;

interface ExpenseTableProps {
    page: ExpensesProps;
    opened: number | null;
    onOpen: (expense: number) => void;
}

/** The expenses of the week, day by day; those of trips below, each with its sum. */
export function ExpenseTable({ page, opened, onOpen }: ExpenseTableProps) {
    const own = page.currencies[0]?.code ?? '';

    const groups = [{ trip: '', sums: [] }, ...page.tripSums];

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
            {groups.map(({ trip, sums }) => (
                <tbody key={trip}>
                    {trip !== '' && (
                        <tr>
                            <th scope="rowgroup" colSpan={2} className="border-b border-rule pt-4 pe-3 font-semibold">
                                {copy.trip(trip)}
                            </th>
                            <td colSpan={3} className="border-b border-rule pt-4 text-faded">
                                {printList(sums.map((sum) => printAmount(sum.gross, sum.currency)))}
                            </td>
                        </tr>
                    )}
                    {page.expenses
                        .filter((expense) => expense.trip === trip)
                        .map((expense) => (
                            <ExpenseRow
                                key={expense.id}
                                page={page}
                                expense={expense}
                                isOpened={expense.id === opened}
                                onOpen={onOpen}
                            />
                        ))}
                </tbody>
            ))}
        </table>
    );
}
