import { wholeDate } from '@/lib/days';
import { printAmount, printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import type { ExpenseCategoryProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { ExpenseData, ExpensePart } from './expenseData';

const copy = officeText.expensesPage;

/** What was paid: the amount in its currency, the tax in it, and what the currency was worth. */
export function AmountFields({ page, data, set, category }: ExpensePart & { category: ExpenseCategoryProps | undefined }) {
    const own = page.currencies[0]?.code ?? '';

    return (
        <>
            <div className="flex flex-wrap gap-3">
                <Typed label={copy.amount} name="amount" part={{ page, data, set }} />
                <Select
                    label={copy.currency}
                    className="w-32"
                    value={data.currency}
                    options={page.currencies.map(({ code }) => [code, code])}
                    onChoose={(currency) => {
                        set({ currency, rate: '' });
                    }}
                />
            </div>
            {category !== undefined && <Limits category={category} own={own} />}
            {data.currency !== own && (
                <div>
                    <Typed label={copy.rate(data.currency)} name="rate" part={{ page, data, set }} />
                    <p className="pencilled">{rateOfDay(page, data)}</p>
                </div>
            )}
            <div>
                <Typed label={copy.tax} name="tax" part={{ page, data, set }} />
                <p className="pencilled">{copy.taxHint}</p>
            </div>
            <Checkbox
                label={copy.isNet}
                checked={data.isNet}
                onChange={(isNet) => {
                    set({ isNet });
                }}
            />
        </>
    );
}

/** How something is taxed, and up to which amount it is in order. */
function Limits({ category: { tax, limit, limitIsPerDay }, own }: { category: ExpenseCategoryProps; own: string }) {
    const said = [
        tax === '' ? null : copy.taxed(tax),
        limit === null ? null : (limitIsPerDay ? copy.limitOfDay : copy.limit)(printMoney(limit, own)),
    ].filter((one) => one !== null);

    return said.length === 0 ? null : <p className="pencilled">{said.join(' · ')}</p>;
}

/** The office's rate on the day of the expense. */
function rateOfDay(page: ExpensePart['page'], data: ExpenseData): string {
    const rates = page.currencies.find(({ code }) => code === data.currency)?.rates ?? [];
    const inForce = rates.find(({ from }) => from <= data.date);

    return inForce === undefined
        ? copy.noRate
        : copy.rateOfDay(printAmount(inForce.rate, page.currencies[0]?.code ?? ''), wholeDate(inForce.from));
}

/** A distance from one place to another, at the rate of its day. */
export function MileageFields(part: ExpensePart) {
    return (
        <>
            <Typed label={copy.kilometres} name="distance" part={part} />
            <div className="flex flex-wrap gap-3">
                {(['from', 'to'] as const).map((name) => (
                    <Field
                        key={name}
                        label={copy[name]}
                        className="w-36"
                        maxLength={100}
                        value={part.data[name]}
                        onChange={(event) => {
                            part.set({ [name]: event.target.value });
                        }}
                    />
                ))}
            </div>
        </>
    );
}

/** A number as it is typed. */
function Typed({
    label,
    name,
    part: { data, set },
}: {
    label: string;
    name: 'amount' | 'tax' | 'rate' | 'distance';
    part: ExpensePart;
}) {
    return (
        <Field
            label={label}
            inputMode="decimal"
            className="w-32"
            maxLength={20}
            value={data[name]}
            onChange={(event) => {
                set({ [name]: event.target.value });
            }}
        />
    );
}
