import { shortDay } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { LeaveRequestProps } from '@/types/generated/props';

const copy = officeText.leavePage;

/** The days of a request in words: `Mon 3 Aug to Fri 7 Aug`, `Wed 5 Aug, afternoon`. */
export function spanWords({
    first,
    last,
    fromMidday,
    untilMidday,
}: Pick<LeaveRequestProps, 'first' | 'last' | 'fromMidday' | 'untilMidday'>): string {
    if (first === last) {
        return fromMidday || untilMidday ? `${shortDay(first)}, ${fromMidday ? copy.afternoon : copy.morning}` : shortDay(first);
    }

    return `${shortDay(first)}${fromMidday ? ` (${copy.fromMidday})` : ''} – ${shortDay(last)}${untilMidday ? ` (${copy.untilMidday})` : ''}`;
}

/** Days on which something is, from the first to the last. */
export function daysWords(days: readonly string[]): string {
    const [first = '', last = first] = [days[0], days.at(-1)];

    return first === last ? shortDay(first) : `${shortDay(first)} – ${shortDay(last)}`;
}

/** What has become of an absence, and by whom. */
export function stateWords({ state, decidedBy, isByRule, isChange }: LeaveRequestProps, decider: string | null): string {
    if (state === null) {
        return copy.recorded;
    }
    if (state === 'requested') {
        return isChange ? copy.changeRequested : copy.waitsFor(decider);
    }

    return isByRule && state === 'approved'
        ? copy.byRule
        : decidedBy === null || state === 'taken back' || state === 'replaced'
          ? copy.states[state]
          : copy.by(copy.states[state], decidedBy);
}
