import { span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import type { ComparisonProps, HoursFormat, SavedOnPageProps } from '@/types/generated/props';
import { CompareTabs } from '@/ui/CompareTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Paging } from '@/ui/Paging';
import { Shell } from '@/ui/Shell';
import clsx from 'clsx';
import { AskLine } from './AskLine';
import { compareAddress, questionOf } from './compareAddress';
import { CompareFilters } from './CompareFilters';
import { CompareForm } from './CompareForm';
import { CompareLines } from './CompareLines';
import { CompareList } from './CompareList';
import { CompareTable } from './CompareTable';
import { ComparisonFiles } from './ComparisonFiles';
import { OpenedFigure } from './OpenedFigure';
import { verdict } from './rowFigures';
import { SaveForm } from './SaveForm';

const copy = text.comparePage;

/** Planned against actual of any population in any period; the whole question is in the address. */
export function ComparePage({ comparison, saved }: { comparison: ComparisonProps; saved: SavedOnPageProps | null }) {
    const format = useHoursFormat();
    const isNarrow = useNarrow();
    const asked = questionOf(comparison, saved);

    return (
        <Shell>
            <CompareTabs />
            <PageHeading title={saved?.name ?? text.compare} finding={finding(comparison, saved, format)}>
                <span className="flex gap-2">
                    <SaveForm key={saved?.id ?? 0} asked={asked} saved={saved} />
                    {comparison.count > 0 && <ComparisonFiles asked={asked} />}
                </span>
            </PageHeading>
            <AskLine />
            <CompareForm asked={asked} />
            <CompareFilters comparison={comparison} asked={asked} />
            {comparison.withLines && comparison.count > 0 && <CompareLines comparison={comparison} format={format} />}
            {comparison.count === 0 ? (
                <p className="mt-3">{copy.noneNext}</p>
            ) : (
                <div
                    className={clsx(
                        'mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-5',
                        comparison.opened !== null && 'lg:grid-cols-[minmax(0,1fr)_20rem]',
                    )}
                >
                    {isNarrow ? (
                        <CompareList comparison={comparison} asked={asked} format={format} />
                    ) : (
                        <CompareTable comparison={comparison} asked={asked} format={format} />
                    )}
                    {comparison.opened !== null && (
                        <OpenedFigure
                            opened={comparison.opened}
                            currency={comparison.currency}
                            closed={compareAddress({ ...asked, page: comparison.page })}
                            format={format}
                        />
                    )}
                </div>
            )}
            <Paging
                page={comparison.page}
                pages={comparison.pages}
                address={(page) => compareAddress({ ...asked, page })}
                className="mt-3"
            />
        </Shell>
    );
}

/** What was found, in sentences. */
function finding(comparison: ComparisonProps, saved: SavedOnPageProps | null, format: HoursFormat): string {
    const { first, last, total, count } = comparison;
    const days = span(first, last);
    if (count === 0) {
        return copy.none(days);
    }
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return [
        total.standing === 'recorded'
            ? copy.sumRecorded(days, hours(total.actual))
            : total.toDate === 0
              ? copy.sumUnplanned(days, hours(total.actual))
              : copy.sum(days, hours(total.actual), hours(total.toDate), total.toDate === total.planned, verdict(total, format)),
        total.pending === 0 || comparison.withPending ? '' : copy.pendingToo(hours(total.pending)),
        total.standing === 'recorded'
            ? ''
            : copy.standings(comparison.over, comparison.under, comparison.unplanned, comparison.onTrack, comparison.tolerance),
        comparison.hasAll ? '' : copy.ownOnly,
        saved === null ? '' : saved.isOwn ? '' : copy.savedBy(saved.owner),
        saved?.isChanged === true ? copy.changedSince : '',
    ]
        .filter((sentence) => sentence !== '')
        .join(' ');
}
