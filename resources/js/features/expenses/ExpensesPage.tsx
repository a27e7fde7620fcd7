import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpensesProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Margin } from '@/ui/Margin';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ExpenseForm } from './ExpenseForm';
import { ExpensesHeading } from './ExpensesHeading';
import { ExpenseTable } from './ExpenseTable';
import { ReceiptChoice } from './ReceiptChoice';
import { ReceiptsToConfirm } from './ReceiptsToConfirm';
import { useReceiptFiles } from './useReceiptFiles';

const copy = officeText.expensesPage;

/** The expenses of a week: receipts that wait, what was entered, and beside it the form. */
export function ExpensesPage({ expenses: page }: { expenses: ExpensesProps }) {
    const [opened, open] = useState<number | null>(null);
    const changed = page.expenses.find(({ id }) => id === opened);
    const { isSending, add } = useReceiptFiles(
        page.person,
        page.mayRecord,
        page.receipts.some(({ isRead }) => !isRead),
    );
    const address = { person: page.person, week: page.week };

    return (
        <Shell>
            <ExpensesHeading page={page} />
            <div className="mt-2 grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_19rem]">
                <div className="min-w-0">
                    {page.mayRecord && <ReceiptChoice page={page} isSending={isSending} onAdd={add} />}
                    {page.receipts.length > 0 && <ReceiptsToConfirm page={page} />}
                    <FieldError of={['expense']} />
                    {page.expenses.length > 0 && <ExpenseTable page={page} opened={opened} onOpen={open} />}
                    {page.maySubmit && (page.open > 0 || page.waiting > 0) && (
                        <p className="no-print mt-3 flex flex-wrap gap-3">
                            {page.open > 0 && (
                                <button
                                    type="button"
                                    className="act act-main"
                                    onClick={() => {
                                        router.post(
                                            route('expenses.submit', address),
                                            {},
                                            { preserveScroll: true, preserveState: true },
                                        );
                                    }}
                                >
                                    {copy.submit(page.open)}
                                </button>
                            )}
                            {page.waiting > 0 && (
                                <button
                                    type="button"
                                    className="act"
                                    onClick={() => {
                                        router.delete(route('expenses.take-back', address), {
                                            preserveScroll: true,
                                            preserveState: true,
                                        });
                                    }}
                                >
                                    {copy.takeBack(page.waiting)}
                                </button>
                            )}
                        </p>
                    )}
                </div>
                {page.mayRecord && (
                    <Margin label={copy.margin}>
                        <ExpenseForm
                            key={
                                changed === undefined
                                    ? `new ${String(page.expenses.length)}`
                                    : `${String(changed.id)} ${String(changed.version)}`
                            }
                            page={page}
                            expense={changed}
                            onDone={() => {
                                open(null);
                            }}
                        />
                    </Margin>
                )}
                <datalist id="trips">
                    {page.trips.map((trip) => (
                        <option key={trip} value={trip} />
                    ))}
                </datalist>
            </div>
        </Shell>
    );
}
