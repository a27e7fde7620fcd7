/** A day as `2026-11-28`. */
export type IsoDay = string;

const DAY = 86_400_000;

function iso(year: number, month: number, day: number): IsoDay | null {
    const date = new Date(Date.UTC(year, month - 1, day));

    return date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day
        ? date.toISOString().slice(0, 10)
        : null;
}

function shifted(from: IsoDay, days: number): IsoDay {
    return new Date(Date.parse(from) + days * DAY).toISOString().slice(0, 10);
}

/** Small letters without accents and dots, so that `Fév.` is `fev`. */
function plain(text: string): string {
    return text
        .normalize('NFD')
        .replace(/[\u0300-\u036f.]/g, '')
        .toLowerCase();
}

/** What months and weekdays are called in a locale, and in English. */
function namesOf(locale: string, options: Intl.DateTimeFormatOptions, dates: number[]): string[][] {
    return dates.map((date) =>
        [locale, 'en-GB'].map((one) => plain(new Intl.DateTimeFormat(one, { ...options, timeZone: 'UTC' }).format(date))),
    );
}

/** The one whose name begins with a word of at least two letters; null where none or several do. */
function named(names: string[][], word: string): number | null {
    const found = names.flatMap((called, index) => (called.some((name) => name.startsWith(word)) ? [index] : []));

    return word.length >= 2 && found.length === 1 ? (found[0] ?? null) : null;
}

/** Of the day in the years around today, the one that is nearest. */
function nearest(today: IsoDay, month: number, day: number): IsoDay | null {
    const year = Number(today.slice(0, 4));
    const distance = (one: IsoDay) => Math.abs(Date.parse(one) - Date.parse(today));

    return [year - 1, year, year + 1]
        .map((one) => iso(one, month, day))
        .filter((one) => one !== null)
        .reduce<IsoDay | null>((best, one) => (best === null || distance(one) < distance(best) ? one : best), null);
}

/** A year in two figures lies between 2000 and 2099. */
function yearOf(text: string): number {
    return text.length === 2 ? 2000 + Number(text) : Number(text);
}

/**
 * Reads a day as people type it: `28 nov`, `nov 28 2026`, `28.11.`, `28/11` in the order of the locale, `2026-11-28`, `fri` for the
 * next Friday from today on, `+3` for three days from today. Null where it names no day.
 */
export function readDate(text: string, today: IsoDay, locale: string): IsoDay | null {
    const typed = plain(text.trim()).replace(/,/g, ' ').replace(/\s+/g, ' ');
    const offset = /^([+-])(\d{1,4})$/.exec(typed);
    if (offset?.[2] !== undefined) {
        return shifted(today, Number(offset[2]) * (offset[1] === '-' ? -1 : 1));
    }
    const written = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
    if (written !== null) {
        return iso(Number(written[1]), Number(written[2]), Number(written[3]));
    }
    const figures = /^(\d{1,2})[/\- ](\d{1,2})(?:[/\- ](\d{4}|\d{2}))?$/.exec(
        text.trim().replace(/\.$/, '').replaceAll('.', '/'),
    );
    if (figures !== null) {
        const [one, other] = [Number(figures[1]), Number(figures[2])];
        // Where dots stand between figures, the day comes first everywhere.
        const [day, month] = isMonthFirst(locale) && !/\d\.\d/.test(text) ? [other, one] : [one, other];

        return figures[3] === undefined ? nearest(today, month, day) : iso(yearOf(figures[3]), month, day);
    }
    const words = /^(?:(\d{1,2}) ?(\p{L}+)|(\p{L}+) (\d{1,2}))(?: (\d{4}|\d{2}))?$/u.exec(typed);
    if (words !== null) {
        const months = Array.from({ length: 12 }, (_, month) => Date.UTC(2024, month, 15));
        const month = named(namesOf(locale, { month: 'long' }, months), words[2] ?? words[3] ?? '');
        const day = Number(words[1] ?? words[4]);
        if (month === null) {
            return null;
        }

        return words[5] === undefined ? nearest(today, month + 1, day) : iso(yearOf(words[5]), month + 1, day);
    }
    const week = Array.from({ length: 7 }, (_, day) => Date.parse(today) + day * DAY);
    const weekday = named(namesOf(locale, { weekday: 'long' }, week), typed);

    return weekday === null ? null : shifted(today, weekday);
}

function isMonthFirst(locale: string): boolean {
    const parts = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'numeric' }).formatToParts(0);

    return parts.findIndex(({ type }) => type === 'month') < parts.findIndex(({ type }) => type === 'day');
}
