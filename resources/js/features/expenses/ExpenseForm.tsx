import { changing } from '@/lib/changing';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseProps, ExpensesProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';
import { AmountFields, MileageFields } from './AmountFields';
import { expenseData, type ExpenseData } from './expenseData';
import { NotesAndReceipts } from './NotesAndReceipts';
import { WhatAndWhen } from './WhatAndWhen';

const copy = officeText.expensesPage;

interface ExpenseFormProps {
    page: ExpensesProps;
    expense: ExpenseProps | undefined;
    onDone: () => void;
}

/** A new expense, or one that is changed. */
export function ExpenseForm({ page, expense, onDone }: ExpenseFormProps) {
    const form = useForm<ExpenseData>(expenseData(page, expense));
    const part = {
        page,
        data: form.data,
        set: changing<ExpenseData>(form),
    };
    const category = page.categories.find(({ code }) => code === form.data.category);
    const isMileage = category?.isMileage ?? (expense !== undefined && expense.distance !== '');
    const title = expense === undefined ? copy.add : copy.changeThis;
    const send = () => {
        const options = { preserveScroll: true, preserveState: true, onSuccess: onDone };
        if (expense === undefined) {
            form.post(route('expenses.add', { person: page.person }), options);
        } else {
            form.put(route('expenses.save', { person: page.person, expense: expense.id }), options);
        }
    };

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                send();
            }}
        >
            <h2>{title}</h2>
            <WhatAndWhen {...part} expense={expense} category={category} fault={form.errors.date} />
            {isMileage ? <MileageFields {...part} /> : <AmountFields {...part} category={category} />}
            <Field
                label={copy.tripName}
                list="trips"
                maxLength={100}
                value={form.data.trip}
                onChange={(event) => {
                    part.set({ trip: event.target.value });
                }}
            />
            <NotesAndReceipts {...part} expense={expense} isMileage={isMileage} />
            <FieldError />
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {expense === undefined ? copy.add : copy.save}
                </button>
                {expense !== undefined && (
                    <>
                        <button
                            type="button"
                            className="act-quiet"
                            onClick={() => {
                                form.delete(route('expenses.remove', { person: page.person, expense: expense.id }), {
                                    preserveScroll: true,
                                    onSuccess: onDone,
                                });
                            }}
                        >
                            {copy.remove}
                        </button>
                        <button type="button" className="act-quiet" onClick={onDone}>
                            {copy.cancel}
                        </button>
                    </>
                )}
            </p>
        </form>
    );
}
