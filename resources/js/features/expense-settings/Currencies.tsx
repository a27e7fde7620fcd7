import { wholeDate } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseSettingsProps, CurrencySettingsProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { router } from '@inertiajs/react';
import { CurrencyForm } from './CurrencyForm';

const copy = officeText.expenseSettings;

/** The currencies that expenses may be in, with their rates. */
export function Currencies({ settings }: { settings: ExpenseSettingsProps }) {
    return (
        <section aria-label={copy.currencies} className="mt-8 border-t border-rule pt-3">
            <h2>{copy.currencies}</h2>
            <p className="pencilled max-w-prose">{copy.currenciesHint(settings.currency)}</p>
            <div className="mt-2 grid gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
                {settings.currencies.length > 0 && (
                    <table className="w-full self-start">
                        <TableHead heads={[copy.currency, copy.smallest, copy.rateIn(settings.currency)]} />
                        <tbody>
                            {settings.currencies.map((currency) => (
                                <Row key={currency.id} currency={currency} />
                            ))}
                        </tbody>
                    </table>
                )}
                <CurrencyForm settings={settings} />
            </div>
        </section>
    );
}

function Row({ currency: { id, code, smallest, rates } }: { currency: CurrencySettingsProps }) {
    const cell = 'border-b border-rule py-1 pe-4 align-top';

    return (
        <tr>
            <th scope="row" className={cell}>
                {code}{' '}
                <button
                    type="button"
                    className="act-quiet"
                    aria-label={copy.removeCurrency(code)}
                    onClick={() => {
                        router.delete(route('office.expenses.remove-currency', { currency: id }), { preserveScroll: true });
                    }}
                >
                    ×
                </button>
            </th>
            <td className={cell}>{smallest}</td>
            <td className={cell}>
                {rates.length === 0 && <span className="text-faded">{copy.noRate}</span>}
                <ul>
                    {rates.map((rate) => (
                        <li key={rate.id} className="flex items-baseline gap-3">
                            {rate.rate} {copy.since(wholeDate(rate.from))}
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.removeExchangeRate(code, wholeDate(rate.from))}
                                onClick={() => {
                                    router.delete(route('office.expenses.remove-exchange-rate', { exchangeRate: rate.id }), {
                                        preserveScroll: true,
                                    });
                                }}
                            >
                                ×
                            </button>
                        </li>
                    ))}
                </ul>
            </td>
        </tr>
    );
}
