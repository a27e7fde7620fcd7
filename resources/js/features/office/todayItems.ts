import { route } from '@/lib/route';
import { instant, monthOf, wholeDate } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { LateWeekProps, TodayProps } from '@/types/generated/props';

export interface TodayItem {
    what: string;
    detail: string | null;
    /** Where it is dealt with; null where that is not in the application. */
    href: string | null;
    act: string;
    /** What the act changes, rather than leads to. */
    method?: 'post';
    isUrgent: boolean;
}

const copy = officeText.officePage.today;

/** What needs the time office, what is late first. */
export function todayItems(today: TodayProps, lateWeek: LateWeekProps | null): TodayItem[] {
    const items: (TodayItem | false)[] = [
        lateWeek !== null &&
            lateWeek.missing > 0 && {
                what: copy.notSubmitted(lateWeek.missing, lateWeek.people, lateWeek.number),
                detail: lateWeek.isOverdue ? copy.overdue : null,
                href: route('not-submitted', {}, { week: lateWeek.week }),
                act: copy.remind,
                isUrgent: lateWeek.isOverdue,
            },
        today.entries + today.corrections + today.expenses > 0 && {
            what: copy.waiting(today),
            detail: null,
            href: route('review'),
            act: copy.review,
            isUrgent: false,
        },
        today.leave > 0 && {
            what: copy.leave(today.leave),
            detail: null,
            href: route('leave.requests'),
            act: copy.review,
            isUrgent: false,
        },
        today.period !== null && {
            what: copy.toClose(monthOf(today.period.until)),
            detail: today.period.open === 0 ? copy.allApproved : copy.stillOpen(today.period.open),
            href: route('office.periods', {}, { day: today.period.until }),
            act: copy.check,
            isUrgent: false,
        },
        today.unrated > 0 && {
            what: copy.unrated(today.unrated),
            detail: null,
            href: route('office.rates'),
            act: copy.setRates,
            isUrgent: true,
        },
        today.estimates > 0 && {
            what: copy.estimates(today.estimates),
            detail: today.estimatesSince === null ? null : copy.since(wholeDate(today.estimatesSince)),
            href: route('projects', {}, { only: 'estimates waiting' }),
            act: copy.show,
            isUrgent: false,
        },
        ...today.failing.map(({ check, lastSeen }) => ({
            what: lastSeen === null ? copy.failing[check].never : copy.failing[check].since(instant(lastSeen)),
            detail: copy.failingDetails[check],
            href: null,
            act: '',
            isUrgent: true,
        })),
        today.failed > 0 && {
            what: copy.failed(today.failed),
            detail: copy.failedDetail,
            href: route('office.failed-jobs.retry'),
            method: 'post' as const,
            act: copy.tryAgain,
            isUrgent: true,
        },
        today.undelivered > 0 && {
            what: copy.undelivered(today.undelivered),
            detail: null,
            href: route('office.webhooks'),
            act: copy.show,
            isUrgent: true,
        },
    ];

    return items.filter((item) => item !== false).sort((one, other) => Number(other.isUrgent) - Number(one.isUrgent));
}
