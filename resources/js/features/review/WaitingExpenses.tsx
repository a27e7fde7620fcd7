import { weekdayAndDay } from '@/lib/days';
import { expenseDetails } from '@/lib/expenseDetails';
import { printAmount, printMoney } from '@/lib/money';
import { printList } from '@/lib/numbers';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { onceAnswered } from '@/lib/unanswered';
import type { ExpenseProps, ReviewProps, WaitingExpensesProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { ReceiptLinks } from '@/ui/ReceiptLinks';
import { router } from '@inertiajs/react';
import clsx from 'clsx';
import { useState } from 'react';
import { ExpenseEffects } from './ExpenseEffects';
import { ReturnForm } from './ReturnForm';

const copy = officeText.waitingExpenses;

/** Deciding on expenses, one act at a time. */
function useExpenseDecisions(taken: readonly ExpenseProps[], onDone: () => void) {
    const [isGoing, setGoing] = useState(false);
    const decide = (decision: 'approve' | 'return', comment: string) => {
        setGoing(true);
        router.post(
            route('review.decide-expenses'),
            { decision, comment, entries: taken.map(({ id, version }) => ({ id, version })) },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setGoing(false);
                },
                ...onceAnswered(onDone),
            },
        );
    };

    return { isGoing, decide };
}

/** Expenses of a person's week under review: all of them, or some. */
export function WaitingExpenses({ review, group }: { review: ReviewProps; group: WaitingExpensesProps }) {
    const [left, leave] = useState<ReadonlySet<number>>(new Set());
    const [isReturning, setReturning] = useState(false);
    const taken = group.expenses.filter(({ id }) => !left.has(id));
    const title = copy.of(group.personName, group.number);
    const { isGoing, decide } = useExpenseDecisions(taken, () => {
        setReturning(false);
        leave(new Set());
    });

    return (
        <section aria-label={title} className="border-s-2 border-rule ps-3">
            <h2 className="text-[1.1rem] [overflow-wrap:anywhere]">{title}</h2>
            <ul>
                {group.expenses.map((expense) => (
                    <Expense
                        key={expense.id}
                        expense={expense}
                        currency={group.currency}
                        isTaken={!left.has(expense.id)}
                        onTake={(isTaken) => {
                            leave(new Set(isTaken ? [...left].filter((id) => id !== expense.id) : [...left, expense.id]));
                        }}
                    />
                ))}
            </ul>
            <ExpenseEffects review={review} group={group} />
            {isReturning ? (
                <ReturnForm
                    hours=""
                    phrases={review.phrases}
                    going={isGoing}
                    onCancel={() => {
                        setReturning(false);
                    }}
                    onReturn={(comment) => {
                        decide('return', comment);
                    }}
                />
            ) : (
                <p className="mt-2 flex flex-wrap items-center gap-2">
                    <button
                        type="button"
                        className="act"
                        disabled={taken.length === 0 || isGoing}
                        onClick={() => {
                            decide('approve', '');
                        }}
                    >
                        {copy.approve(taken.length)}
                    </button>
                    <button
                        type="button"
                        className="act"
                        disabled={taken.length === 0 || isGoing}
                        onClick={() => {
                            setReturning(true);
                        }}
                    >
                        {copy.giveBack(taken.length)}
                    </button>
                </p>
            )}
        </section>
    );
}

interface ExpenseRowProps {
    expense: ExpenseProps;
    currency: string;
    isTaken: boolean;
    onTake: (isTaken: boolean) => void;
}

/** One of them: what it was for, what it came to, its receipts, and what the house rules found. */
function Expense({ expense, currency, isTaken, onTake }: ExpenseRowProps) {
    const said = [expense.trip, ...expenseDetails(expense), expense.note, expense.clientNote].filter((one) => one !== '');

    return (
        <li className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-rule py-1 sm:grid-cols-[13rem_minmax(0,1fr)_auto]">
            <Checkbox label={`${weekdayAndDay(expense.date)} · ${expense.categoryName}`} checked={isTaken} onChange={onTake} />
            <span className="min-w-0 text-faded [overflow-wrap:anywhere] max-sm:order-3 max-sm:col-span-2">
                {expense.projectName} · {expense.taskName}
                {said.length > 0 && <span className="block text-[0.9rem]">{printList(said)}</span>}
                <ReceiptLinks receipts={expense.receipts} />
                {expense.findings.map(({ severity, what }) => (
                    <span
                        key={what}
                        className={clsx(
                            'block border-s-2 ps-2 text-[0.9rem]',
                            severity === 'blocking' ? 'border-brick text-brick' : 'border-ochre text-ochre',
                        )}
                    >
                        {what} {expense.explanation !== '' && `“${expense.explanation}”`}
                    </span>
                ))}
            </span>
            <span className="text-end">
                {printAmount(expense.gross, expense.currency)}
                {expense.currency !== currency && (
                    <span className="block text-[0.9rem] text-faded">
                        {copy.at(printMoney(expense.ownGross, currency), expense.rate)}
                    </span>
                )}
            </span>
        </li>
    );
}
