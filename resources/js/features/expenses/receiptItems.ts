import type { ExpensesProps, WaitingReceiptProps } from '@/types/generated/props';

/** A receipt as it is going to be an expense. */
export interface ReceiptItem {
    receipt: number;
    isTaken: boolean;
    date: string;
    amount: string;
    tax: string;
    currency: string;
    category: string;
    note: string;
}

/** What is pencilled of a receipt. */
export function itemOf(
    { id, isRead, date, amount, tax, currency, category, seller }: WaitingReceiptProps,
    page: ExpensesProps,
): ReceiptItem {
    return {
        receipt: id,
        isTaken: isRead,
        date: date?.value ?? page.day,
        amount: amount?.value ?? '',
        tax: tax?.value ?? '',
        currency: currency?.value ?? page.currencies[0]?.code ?? '',
        category: category ?? '',
        note: seller?.value ?? '',
    };
}
