import type { HoursFormat } from '@/types/generated/props';

/** Whole hours by thousands: `2,991`. */
function grouped(hours: number): string {
    return String(hours).replace(/\B(?=(\d{3})+$)/g, ',');
}

/** Prints minutes as the person reads hours; 80 is `1.33`, half up to two places, or `1:20`. */
export function printHours(minutes: number, format: HoursFormat): string {
    const amount = Math.abs(minutes);
    const sign = minutes < 0 ? '−' : '';
    if (format === 'clock') {
        return `${sign}${grouped(Math.floor(amount / 60))}:${String(amount % 60).padStart(2, '0')}`;
    }
    // In whole hundredths, so that no fraction is ever held in binary.
    const hundredths = Math.floor((amount * 100 + 30) / 60);
    const places = String(hundredths % 100)
        .padStart(2, '0')
        .replace(/0+$/, '');

    return `${sign}${grouped(Math.floor(hundredths / 100))}${places === '' ? '' : `.${places}`}`;
}

/** The same with its unit, for a sentence. */
export function hoursInWords(minutes: number, format: HoursFormat): string {
    return format === 'clock' ? printHours(minutes, format) : `${printHours(minutes, format)}\u00a0h`;
}

/** A difference with its sign. */
export function signedHours(minutes: number, format: HoursFormat): string {
    return minutes > 0 ? `+${printHours(minutes, format)}` : printHours(minutes, format);
}
