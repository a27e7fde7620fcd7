import type { RibbonWeekProps, TotalsProps } from '@/types/generated/props';

export type RibbonState =
    { kind: 'none' | 'open' | 'draft' | 'submitted' | 'returned' | 'approved' | 'mixed' } | { kind: 'missing'; minutes: number };

/**
 * What a week of the ribbon has to say first: something returned, hours missing in a week that is over, else its state.
 */
export function ribbonState(
    { week, expected, draft, submitted, returned, approved }: RibbonWeekProps,
    thisWeek: string,
): RibbonState {
    const entered = draft + submitted + returned + approved;
    if (returned > 0) {
        return { kind: 'returned' };
    }
    if (week < thisWeek && entered < expected) {
        return { kind: 'missing', minutes: expected - entered };
    }
    if (entered === 0) {
        return { kind: expected === 0 ? 'none' : 'open' };
    }
    if (draft > 0) {
        return { kind: 'draft' };
    }
    if (submitted > 0) {
        return { kind: approved > 0 ? 'mixed' : 'submitted' };
    }

    return { kind: 'approved' };
}

/** A week of the ribbon with the sums that its sheet has come to since. */
export function withTotals(week: RibbonWeekProps, { states }: TotalsProps): RibbonWeekProps {
    return {
        ...week,
        draft: states.draft ?? 0,
        submitted: states.submitted ?? 0,
        returned: states.returned ?? 0,
        approved: (states.approved ?? 0) + (states.settled ?? 0),
    };
}
