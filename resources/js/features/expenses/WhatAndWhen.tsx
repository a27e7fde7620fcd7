import { officeText } from '@/lib/officeText';
import type { ExpenseCategoryProps, ExpenseProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import type { ExpensePart } from './expenseData';
import { TaskSelect } from './TaskSelect';

const copy = officeText.expensesPage;

interface WhatAndWhenProps extends ExpensePart {
    expense: ExpenseProps | undefined;
    category: ExpenseCategoryProps | undefined;
    /** What is wrong with the day. */
    fault: string | undefined;
}

/** The day, the task and the category of an expense. */
export function WhatAndWhen({ page, data, set, expense, category, fault }: WhatAndWhenProps) {
    return (
        <>
            <DateField
                label={copy.day}
                defaultValue={data.date}
                fault={fault}
                onPick={(date) => {
                    set({ date });
                }}
            />
            <TaskSelect
                page={page}
                expense={expense}
                value={data.task}
                onChoose={(task) => {
                    set({ task });
                }}
            />
            <Select
                label={copy.category}
                value={data.category}
                options={[
                    ...(data.category === '' ? [['', copy.noCategory] as const] : []),
                    ...(expense !== undefined && category === undefined
                        ? [[expense.category, expense.categoryName] as const]
                        : []),
                    ...page.categories.map(({ code, name }) => [code, name] as const),
                ]}
                onChoose={(code) => {
                    set({ category: code, isCharged: page.categories.find((one) => one.code === code)?.isCharged ?? false });
                }}
            />
        </>
    );
}
