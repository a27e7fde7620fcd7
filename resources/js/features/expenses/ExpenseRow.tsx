import { weekdayAndDay } from '@/lib/days';
import { expenseDetails } from '@/lib/expenseDetails';
import { printAmount, printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { ExpenseProps, ExpensesProps } from '@/types/generated/props';
import { ReceiptLinks } from '@/ui/ReceiptLinks';
import { router } from '@inertiajs/react';
import clsx from 'clsx';

const copy = officeText.expensesPage;

interface ExpenseRowProps {
    page: ExpensesProps;
    expense: ExpenseProps;
    isOpened: boolean;
    onOpen: (expense: number) => void;
}

/** One expense: what it was for, what it came to, and how it stands. */
export function ExpenseRow({ page, expense, isOpened, onOpen }: ExpenseRowProps) {
    const own = page.currencies[0]?.code ?? '';
    const isOpen = expense.state === 'draft' || expense.state === 'returned';
    const name = `${expense.categoryName}, ${printAmount(expense.gross, expense.currency)}`;
    const cell = 'border-b border-rule py-1.5 pe-3 align-top';

    return (
        <tr className={clsx(isOpened && 'bg-moss-wash', expense.reverses && 'text-faded')}>
            <td className={cell}>{weekdayAndDay(expense.date)}</td>
            <td className={clsx(cell, 'min-w-0 [overflow-wrap:anywhere]')}>
                {isOpen && page.mayRecord ? (
                    <button
                        type="button"
                        className="cursor-pointer text-start underline decoration-edge underline-offset-4"
                        aria-label={copy.change(name)}
                        onClick={() => {
                            onOpen(expense.id);
                        }}
                    >
                        {expense.categoryName}
                    </button>
                ) : (
                    expense.categoryName
                )}
                <span className="text-faded">
                    {' '}
                    {expense.projectName} · {expense.taskName}
                </span>
                <Details expense={expense} />
                <ReceiptLinks receipts={expense.receipts} />
                <span className="text-faded sm:hidden">{stateOf(expense)}</span>
            </td>
            <td className={clsx(cell, 'text-end whitespace-nowrap')}>
                {printAmount(expense.gross, expense.currency)}
                {!/^0(\.0+)?$/.test(expense.tax) && (
                    <span className="block text-[0.85rem] whitespace-normal text-faded">
                        {copy.net(printAmount(expense.net, ''), printAmount(expense.tax, ''))}
                    </span>
                )}
            </td>
            <td className={clsx(cell, 'text-end whitespace-nowrap max-sm:hidden')}>
                {printMoney(expense.ownGross, '')}
                {expense.currency !== own && <span className="block text-[0.85rem] text-faded">{copy.at(expense.rate)}</span>}
            </td>
            <td className="border-b border-rule py-1.5 align-top max-sm:hidden">
                {stateOf(expense)}
                {expense.mayCorrect && page.maySubmit && (
                    <button
                        type="button"
                        className="act-quiet block"
                        aria-label={copy.correctOf(name)}
                        onClick={() => {
                            router.post(
                                route('expenses.correct', { person: page.person, expense: expense.id }),
                                {},
                                { preserveScroll: true, preserveState: true },
                            );
                        }}
                    >
                        {copy.correct}
                    </button>
                )}
            </td>
        </tr>
    );
}

function stateOf({ state, waitsFor, reverses }: ExpenseProps): string {
    if (reverses) {
        return copy.reversal;
    }

    return state === 'submitted' ? (waitsFor === null ? copy.waitsForOffice : copy.waitsFor(waitsFor)) : text.state[state];
}

/** What else there is to say of it. */
function Details({ expense }: { expense: ExpenseProps }) {
    const details = expenseDetails(expense);

    return (
        <>
            {details.length > 0 && <span className="block text-[0.9rem] text-faded">{details.join(' · ')}</span>}
            {expense.note !== '' && <span className="block text-[0.9rem]">{expense.note}</span>}
            {expense.returnComment !== '' && (
                <span className="block border-s-2 border-ochre ps-2 text-ochre">{copy.returned(expense.returnComment)}</span>
            )}
            {expense.findings.map(({ severity, what, cure }) => (
                <span
                    key={what}
                    className={clsx(
                        'block border-s-2 ps-2 text-[0.9rem]',
                        severity === 'blocking' ? 'border-brick text-brick' : 'border-ochre text-ochre',
                    )}
                >
                    {what} {severity === 'explanation' && expense.explanation !== '' ? `“${expense.explanation}”` : cure}
                </span>
            ))}
        </>
    );
}
