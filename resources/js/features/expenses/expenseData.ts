import type { ExpenseProps, ExpensesProps } from '@/types/generated/props';
import { ownValues } from '@/ui/OwnFieldInputs';

/** What the form of an expense sends. Amounts, rates and distances are as they are typed. */
export interface ExpenseData {
    date: string;
    task: string;
    category: string;
    amount: string;
    tax: string;
    isNet: boolean;
    currency: string;
    rate: string;
    distance: string;
    from: string;
    to: string;
    trip: string;
    isOwnMoney: boolean;
    isCharged: boolean;
    note: string;
    clientNote: string;
    explanation: string;
    receipts: number[];
    fields: Record<string, string>;
    version: number | null;
    /** What is wrong with all of it. */
    expense?: never;
}

/** What the form begins with: an expense, or a new one on the task of the last. */
export function expenseData(page: ExpensesProps, expense: ExpenseProps | undefined): ExpenseData {
    const last = page.expenses.findLast(({ reverses }) => !reverses);
    const own = page.currencies[0]?.code ?? '';
    // What a distance comes to is worked out anew.
    const paid = expense?.distance === '' ? expense : undefined;

    return {
        date: expense?.date ?? page.day,
        task: String(expense?.task ?? last?.task ?? page.tasks[0]?.id ?? ''),
        category: expense?.category ?? '',
        amount: paid?.gross ?? '',
        tax: paid?.tax ?? '',
        isNet: false,
        currency: expense?.currency ?? own,
        rate: paid === undefined || paid.currency === own ? '' : paid.rate,
        distance: expense?.distance ?? '',
        from: expense?.from ?? '',
        to: expense?.to ?? '',
        trip: expense?.trip ?? '',
        isOwnMoney: expense?.isOwnMoney ?? true,
        isCharged: expense?.isCharged ?? false,
        note: expense?.note ?? '',
        clientNote: expense?.clientNote ?? '',
        explanation: expense?.explanation ?? '',
        receipts: expense?.receipts.map(({ id }) => id) ?? [],
        fields: ownValues(page.fields, expense?.fields),
        version: expense?.version ?? null,
    };
}

/** A part of the form. */
export interface ExpensePart {
    page: ExpensesProps;
    data: ExpenseData;
    set: (changed: Partial<ExpenseData>) => void;
}
