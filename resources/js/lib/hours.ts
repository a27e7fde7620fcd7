import type { HoursFormat } from '@/types/generated/props';
import { locale } from './locale';
import { decimalSeparator, printNumber } from './numbers';

const decimal = new Intl.NumberFormat(locale, { maximumFractionDigits: 2 });

/** Hundredths of an hour, half up, as a decimal with a point: 80 minutes are `1.33`. Never held in binary. */
function inHundredths(amount: number): string {
    const hundredths = Math.floor((amount * 100 + 30) / 60);

    return `${Math.floor(hundredths / 100)}.${String(hundredths % 100).padStart(2, '0')}`;
}

/** Prints minutes as the person reads hours: 80 is `1.33` or `1:20`, 180,000 is `3,000`. */
export function printHours(minutes: number, format: HoursFormat): string {
    const amount = Math.abs(minutes);
    const sign = minutes < 0 ? '−' : '';
    if (format === 'clock') {
        return `${sign}${printNumber(Math.floor(amount / 60))}:${String(amount % 60).padStart(2, '0')}`;
    }

    return `${sign}${decimal.format(inHundredths(amount) as Intl.StringNumericLiteral)}`;
}

/** The same for a field, so that it reads back: not grouped, with a plain sign. */
export function typedHours(minutes: number, format: HoursFormat): string {
    const amount = Math.abs(minutes);
    const sign = minutes < 0 ? '-' : '';

    return format === 'clock'
        ? `${sign}${Math.floor(amount / 60)}:${String(amount % 60).padStart(2, '0')}`
        : `${sign}${inHundredths(amount)
              .replace(/\.?0+$/, '')
              .replace('.', decimalSeparator)}`;
}

/** Hours with their unit, for a sentence: `1.5 h` or `1:30`. */
export function hoursWithUnit(minutes: number, format: HoursFormat): string {
    return format === 'clock' ? printHours(minutes, format) : `${printHours(minutes, format)}\u00a0h`;
}

/** A difference with its sign and unit, for a sentence: `+1.5 h`. */
export function signedHoursWithUnit(minutes: number, format: HoursFormat): string {
    return minutes > 0 ? `+${hoursWithUnit(minutes, format)}` : hoursWithUnit(minutes, format);
}

/** A difference with its sign. */
export function signedHours(minutes: number, format: HoursFormat): string {
    return minutes > 0 ? `+${printHours(minutes, format)}` : printHours(minutes, format);
}
