import { MINUTES_OF_DAY } from './clockView';

function minuteOf(text: string): number | null {
    const found = /^(\d{1,2})(?:[:.]?(\d{2}))?\s*([ap]m?)?$/i.exec(text.trim());
    if (found === null) {
        return null;
    }
    const half = (found[3] ?? '').toLowerCase();
    const hour = half === '' ? Number(found[1]) : (Number(found[1]) % 12) + (half.startsWith('p') ? 12 : 0);
    const minute = hour * 60 + Number(found[2] ?? 0);

    return Number(found[2] ?? 0) > 59 || minute > MINUTES_OF_DAY ? null : minute;
}

/** Minutes of breaks: times with commas or spaces between, or minutes; null where they cannot be read. */
function breaksOf(text: string): number | null {
    const plain = /^(?:(\d{1,4})\s*(?:m|min)?|(\d{1,2}):(\d{2}))?$/i.exec(text.trim());
    if (plain !== null) {
        return Number(plain[1] ?? 0) + Number(plain[2] ?? 0) * 60 + Number(plain[3] ?? 0);
    }
    let sum = 0;
    for (const span of text
        .trim()
        .replaceAll(/\s*[-–]\s*/g, '-')
        .split(/[\s,;]+/)) {
        const [from, to] = span.split('-').map(minuteOf);
        if (from == null || to == null) {
            return null;
        }
        sum += to < from ? to + MINUTES_OF_DAY - from : to - from;
    }

    return sum;
}

/** What typed times come to until the server says so, and whether they end on the next day; null where they cannot be read. */
export function attendanceOf(starts: string, ends: string, breaks: string): { minutes: number; isOvernight: boolean } | null {
    const [from, to, pause] = [minuteOf(starts), minuteOf(ends), breaksOf(breaks)];
    if (from === null || to === null || pause === null) {
        return null;
    }
    const isOvernight = to <= from;
    const minutes = to - from + (isOvernight ? MINUTES_OF_DAY : 0) - pause;

    return minutes > 0 ? { minutes, isOvernight } : null;
}
