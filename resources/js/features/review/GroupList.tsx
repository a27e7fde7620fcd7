import { dayAndMonth } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { GroupProps, HoursFormat, ReviewProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { deskAddress } from './address';

interface GroupListProps {
    review: ReviewProps;
    format: HoursFormat;
}

function nameOf({ by }: ReviewProps, { name }: GroupProps): string {
    return by === 'week' ? text.reviewPage.weekFrom(dayAndMonth(name)) : name;
}

/** People, projects or weeks of which something waits; those that need attention come first. */
export function GroupList({ review, format }: GroupListProps) {
    const { by, show, search, groups, page, groupCount, groupsAtOnce } = review;
    if (groups.length === 0) {
        return null;
    }
    const pages = Math.ceil(groupCount / groupsAtOnce);

    return (
        <nav aria-label={text.reviewPage.list}>
            <ul className="border-t border-rule max-lg:max-h-56 max-lg:overflow-y-auto">
                {groups.map((group) => {
                    const here = group.key === review.open;

                    return (
                        <li key={group.key} className="border-b border-rule">
                            <Link
                                href={deskAddress({ by, show, search, open: group.key, page })}
                                preserveScroll
                                aria-current={here ? 'true' : undefined}
                                className={clsx(
                                    'block border-s-2 py-1 ps-2',
                                    here ? 'border-ink bg-sheet' : 'border-transparent hover:bg-sheet',
                                )}
                            >
                                <span className={clsx('block truncate', here && 'font-semibold')}>{nameOf(review, group)}</span>
                                <span className="text-[0.92em] text-faded">
                                    {text.reviewPage.item(group.entries, hoursWithUnit(group.minutes, format))}
                                    {group.needingAttention > 0 && (
                                        <span className="block text-ochre">
                                            {text.reviewPage.itemsNeedingAttention(group.needingAttention)}
                                        </span>
                                    )}
                                </span>
                            </Link>
                        </li>
                    );
                })}
            </ul>
            <Paging
                page={page}
                pages={pages}
                address={(other) => deskAddress({ by, show, search, page: other })}
                className="mt-2 text-[0.92em]"
            />
        </nav>
    );
}
