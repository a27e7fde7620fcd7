import { officeText } from '@/lib/officeText';
import type { ExpensesProps, WaitingReceiptProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import clsx from 'clsx';
import type { ReceiptItem } from './receiptItems';

const copy = officeText.expensesPage;

interface ReceiptFieldsProps {
    page: ExpensesProps;
    receipt: WaitingReceiptProps;
    item: ReceiptItem;
    onChange: (changed: Partial<ReceiptItem>) => void;
}

/** What a receipt says, as it was pencilled or is typed. */
export function ReceiptFields({ page, receipt, item, onChange }: ReceiptFieldsProps) {
    const categories = page.categories.filter(({ isMileage }) => !isMileage);

    return (
        <div className="mt-1 grid grid-cols-[10rem_minmax(0,1fr)] gap-x-3 gap-y-2 sm:grid-cols-[10rem_7rem_8rem_minmax(8rem,1fr)_6rem]">
            <DateField
                label={copy.seenOf.date}
                defaultValue={item.date}
                onPick={(date) => {
                    onChange({ date });
                }}
            />
            <Field
                label={copy.amount}
                inputMode="decimal"
                className={clsx('w-full', item.amount === receipt.amount?.value && 'pencilled')}
                maxLength={20}
                value={item.amount}
                onChange={(event) => {
                    onChange({ amount: event.target.value });
                }}
            />
            <Select
                label={copy.currency}
                value={item.currency}
                options={page.currencies.map(({ code }) => [code, code])}
                onChoose={(currency) => {
                    onChange({ currency });
                }}
            />
            <Select
                label={copy.category}
                value={item.category}
                options={[['', copy.noCategory], ...categories.map(({ code, name: called }) => [code, called] as const)]}
                onChoose={(category) => {
                    onChange({ category });
                }}
            />
            <Field
                label={copy.seenOf.tax}
                inputMode="decimal"
                className={clsx('w-full', item.tax === receipt.tax?.value && 'pencilled')}
                maxLength={20}
                value={item.tax}
                onChange={(event) => {
                    onChange({ tax: event.target.value });
                }}
            />
        </div>
    );
}
