/** Prints a decimal text with two places, grouped by thousands, with its currency: `EUR 1,234.50`. */
export function printMoney(amount: string, currency: string): string {
    const negative = amount.startsWith('-');
    const [units = '0', cents = '00'] = amount.replace('-', '').split('.');

    return `${negative ? '−' : ''}${currency === '' ? '' : `${currency} `}${units.replace(/\B(?=(\d{3})+$)/g, ',')}.${cents}`;
}

/** The same of whole cents. */
export function printCents(cents: number, currency: string): string {
    const amount = Math.abs(cents);

    return printMoney(`${cents < 0 ? '-' : ''}${Math.floor(amount / 100)}.${String(amount % 100).padStart(2, '0')}`, currency);
}
