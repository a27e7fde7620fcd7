import { span } from '@/lib/days';
import { text } from '@/lib/text';
import type { AskedProps } from '@/types/generated/props';
import { periodName } from './periodName';

const copy = text.comparePage;

/** What was understood of a question in words, in one sentence. */
export function understoodText(asked: AskedProps): string {
    const { by, then, across, period, first, last, names, internal, billable, withPending, tolerance, measures } = asked;
    const days = span(first, last);

    return [
        copy.askedBy(
            [by, then, across]
                .flatMap((grouping) => (grouping === null ? [] : [copy.groupings[grouping].toLowerCase()]))
                .join(', '),
        ),
        period === '' ? days : `${periodName(period).toLowerCase()} (${days})`,
        ...names,
        ...(internal === 'out' || internal === 'only'
            ? [`${copy.internal.toLowerCase()}: ${copy.internals[internal].toLowerCase()}`]
            : []),
        ...(billable === 'yes' || billable === 'no' ? [copy.billables[billable].toLowerCase()] : []),
        ...(withPending ? [copy.withPending] : []),
        ...(tolerance === null ? [] : [copy.askedTolerance(tolerance)]),
        measures.map((measure) => copy.measures[measure].toLowerCase()).join(', '),
    ].join('; ');
}

/** What was not understood, and why; none where all of it was. */
export function notUnderstood({ unknown, several, meanings, notOffered }: AskedProps): string[] {
    return [
        ...(unknown.length === 0 ? [] : [copy.askedUnknown(unknown.join(' '))]),
        ...several.map((words, index) => copy.askedSeveral(words, meanings[index] ?? '')),
        ...(notOffered.length === 0
            ? []
            : [copy.askedNotOffered(notOffered.map((measure) => copy.measures[measure].toLowerCase()).join(', '))]),
    ];
}
