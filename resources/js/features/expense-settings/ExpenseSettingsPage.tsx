import { OfficeShell } from '@/features/office';
import { printMoney } from '@/lib/money';
import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseSettingsProps, CategorySettingsProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { CategoryForm } from './CategoryForm';
import { Currencies } from './Currencies';
import { MileageRates } from './MileageRates';

const copy = officeText.expenseSettings;

/** The categories of expenses, and a new one or the one that is changed; below, the currencies. */
export function ExpenseSettingsPage({ settings }: { settings: ExpenseSettingsProps }) {
    const { categories, opened } = settings;
    const changed = categories.find(({ code }) => code === opened);

    return (
        <OfficeShell title={copy.title} finding={categories.length === 0 ? copy.none : copy.finding(categories.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                {categories.length > 0 && (
                    <table className="w-full self-start">
                        <TableHead heads={[copy.category, copy.tax, copy.limit, copy.whom]} />
                        <tbody>
                            {categories.map((category) => (
                                <Row
                                    key={category.id}
                                    category={category}
                                    currency={settings.currency}
                                    isOpened={category.code === opened}
                                />
                            ))}
                        </tbody>
                    </table>
                )}
                <div>
                    <CategoryForm
                        key={changed?.id ?? `new ${String(categories.length)}`}
                        settings={settings}
                        category={changed}
                    />
                    {changed?.isMileage === true && (
                        <MileageRates key={changed.mileageRates.length} settings={settings} category={changed} />
                    )}
                </div>
            </div>
            <Currencies key={settings.currencies.map(({ rates }) => rates.length).join()} settings={settings} />
        </OfficeShell>
    );
}

function Row({ category, currency, isOpened }: { category: CategorySettingsProps; currency: string; isOpened: boolean }) {
    const cell = 'border-b border-rule py-1 pe-4 align-top';
    const taxed = category.taxShares.filter(({ rate }) => rate !== '0');
    const said = [
        category.isMileage ? copy.mileage : null,
        category.isCharged ? copy.charged : null,
        category.isActive ? null : copy.notInUse,
    ].filter((one) => one !== null);

    return (
        <tr className={clsx(isOpened && 'bg-moss-wash', !category.isActive && 'text-faded')}>
            <th scope="row" className={clsx(cell, 'break-words')}>
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.expenses', {}, { category: category.code })}
                    title={copy.changeOf(category.name)}
                    preserveScroll
                >
                    {category.name}
                </Link>
                {said.length > 0 && <span className="block text-[0.9rem] text-faded">{printList(said)}</span>}
            </th>
            <td className={cell}>
                {taxed.length === 0
                    ? copy.noTax
                    : printList(
                          category.taxShares.map(({ rate, share }) =>
                              share === '100' ? copy.percent(rate) : copy.percentOf(rate, share),
                          ),
                      )}
            </td>
            <td className={cell}>
                {category.limit === ''
                    ? ''
                    : (category.limitPer === 'day' ? copy.perDay : copy.perExpense)(printMoney(category.limit, currency))}
            </td>
            <td className={cell}>
                {category.teams.length === 0 ? copy.everybody : printList(category.teams.map(({ name }) => name))}
            </td>
        </tr>
    );
}
