import { locale } from './locale';

const amounts = new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });

/** Prints a decimal text with two places and its currency, which may be empty: `EUR 1,234.50`. */
export function printMoney(amount: string, currency: string): string {
    const printed = amounts.format(amount.replace('-', '') as Intl.StringNumericLiteral);

    return `${amount.startsWith('-') ? '−' : ''}${currency === '' ? '' : `${currency} `}${printed}`;
}

/** The same for whole cents. */
export function printCents(cents: number, currency: string): string {
    const amount = Math.abs(cents);

    return printMoney(`${cents < 0 ? '-' : ''}${Math.floor(amount / 100)}.${String(amount % 100).padStart(2, '0')}`, currency);
}

/** An amount with the places that it has, as currencies differ in them: `JPY 1,500`. */
export function printAmount(amount: string, currency: string): string {
    const places = amount.split('.')[1]?.length ?? 0;
    const printed = new Intl.NumberFormat(locale, { minimumFractionDigits: places, maximumFractionDigits: places }).format(
        amount.replace('-', '') as Intl.StringNumericLiteral,
    );

    return `${amount.startsWith('-') ? '−' : ''}${currency === '' ? '' : `${currency} `}${printed}`;
}
