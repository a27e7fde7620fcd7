import { locale } from './locale';

const whole = new Intl.NumberFormat(locale, { maximumFractionDigits: 0 });
const percent = new Intl.NumberFormat(locale, { minimumFractionDigits: 1, maximumFractionDigits: 1 });
const listed = new Intl.ListFormat(locale, { style: 'short', type: 'unit' });

/** The sign between whole and decimal places: `.` or `,`. */
export const decimalSeparator =
    new Intl.NumberFormat(locale).formatToParts(1.5).find(({ type }) => type === 'decimal')?.value ?? '.';

/** A whole number, grouped: `1,234`. */
export function printNumber(number: number): string {
    return whole.format(number);
}

/** A decimal written with a point, as the server sends it, with one place: `15.0`, `−7.5`. */
export function printPercent(decimal: string): string {
    return `${decimal.startsWith('-') ? '−' : ''}${percent.format(decimal.replace('-', '') as Intl.StringNumericLiteral)}`;
}

const twoPlaces = new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });

/** A decimal of 0 or more written with a point, as the server sends it, with two places: `1.20`. */
export function printNumberText(decimal: string): string {
    return twoPlaces.format(decimal as Intl.StringNumericLiteral);
}

/** A decimal of 0 or more written with a point, with the places that it has: `0.5`, `12`. */
export function printDecimal(decimal: string): string {
    return decimal.replace('.', decimalSeparator);
}

/** A number of halves as a decimal: 5 is `2.5`, 4 is `2`. */
export function printHalves(halves: number): string {
    return `${printNumber(Math.trunc(halves / 2))}${halves % 2 === 0 ? '' : `${decimalSeparator}5`}`;
}

/** Things in a row, without a word between the last two: `north, south, east`. */
export function printList(things: readonly string[]): string {
    return listed.format(things);
}
