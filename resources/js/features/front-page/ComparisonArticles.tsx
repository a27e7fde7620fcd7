import { fullName, periodName, Standing, verdict } from '@/features/compare';
import { span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { FrontComparisonProps, HoursFormat } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = text.frontPage;

/** The saved comparisons that the reader follows, each with what it found, in their order. */
export function ComparisonArticles({ comparisons }: { comparisons: readonly FrontComparisonProps[] }) {
    const format = useHoursFormat();

    return (
        <>
            {comparisons.length === 0 && <p className="text-faded">{copy.followsNone}</p>}
            <div className="grid gap-x-8 sm:grid-cols-2">
                {comparisons.map((one) => (
                    <Article key={one.id} comparison={one} format={format} />
                ))}
            </div>
            <Link href={route('comparisons')} className="act-quiet mt-1 inline-block">
                {copy.chooses}
            </Link>
        </>
    );
}

function Article({ comparison, format }: { comparison: FrontComparisonProps; format: HoursFormat }) {
    const { id, name, address, period, first, last, total, groups, count } = comparison;
    const days = span(first, last);

    return (
        <article className="border-t border-rule py-2">
            <h3>
                <Link
                    href={route('comparisons.open', { saved: id })}
                    className="font-semibold underline decoration-rule underline-offset-4 [overflow-wrap:anywhere] hover:decoration-ink"
                >
                    {name}
                </Link>
            </h3>
            <p className="text-[0.92em] text-faded">{period === '' ? days : `${periodName(period)}, ${days}`}</p>
            <p>
                {count === 0
                    ? copy.found0
                    : total.standing === 'recorded'
                      ? copy.foundRecorded(hoursWithUnit(total.actual, format))
                      : total.toDate === 0
                        ? copy.foundUnplanned(hoursWithUnit(total.actual, format))
                        : copy.found(
                              hoursWithUnit(total.actual, format),
                              hoursWithUnit(total.toDate, format),
                              total.toDate === total.planned,
                              verdict(total, format),
                          )}
            </p>
            <ul className="mt-1">
                {groups.map(({ grouping, code, name: called, row }) => (
                    <li key={code} className="flex justify-between gap-3 border-t border-rule py-1">
                        <span className="min-w-0 [overflow-wrap:anywhere]">{fullName(grouping, code, called)}</span>
                        <Link
                            href={`${route('compare')}?${address}&saved=${String(id)}&${new URLSearchParams({ figure: 'actual', group: code }).toString()}`}
                            className="act-quiet shrink-0"
                        >
                            {hoursWithUnit(row.actual, format)}
                            {row.standing !== 'recorded' && ', '}
                            <Standing row={row} />
                        </Link>
                    </li>
                ))}
            </ul>
            {count > groups.length && <p className="text-[0.92em] text-faded">{copy.moreGroups(count - groups.length)}</p>}
        </article>
    );
}
