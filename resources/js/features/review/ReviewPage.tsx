import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ReviewProps } from '@/types/generated/props';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import clsx from 'clsx';
import { CorrectionList } from './CorrectionList';
import { deskFinding, isDeskEmpty } from './deskFinding';
import { DeskFilters } from './DeskFilters';
import { DeskMargin } from './DeskMargin';
import { DeskSheets } from './DeskSheets';
import { GroupList } from './GroupList';
import { InOrderBar } from './InOrderBar';
import { useDesk } from './useDesk';

/** What waits for the approver: the groups, the sheets of the one that is open, and beside them what deciding would do. */
export function ReviewPage({ review }: { review: ReviewProps }) {
    const format = useHoursFormat();
    const desk = useDesk(review);
    const { sum } = review;

    return (
        <Shell skipTo="#sheets">
            <RouteTabs label={text.review} tabs={text.reviewPage.tabs} />
            <PageHeading title={text.review} finding={deskFinding(review, hoursWithUnit(sum.minutes, format))} />
            {isDeskEmpty(review) ? (
                <p className="mt-2 max-w-prose">{text.reviewPage.nothingNext}</p>
            ) : (
                <DeskFilters review={review} />
            )}
            <CorrectionList review={review} format={format} />
            {sum.entries > sum.needingAttention && <InOrderBar review={review} format={format} button={desk.inOrder} />}
            <div
                className={clsx(
                    'mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-5 gap-y-4',
                    review.groups.length === 0
                        ? 'lg:grid-cols-[minmax(0,1fr)_14.5rem]'
                        : 'lg:grid-cols-[12.5rem_minmax(0,1fr)_14.5rem]',
                )}
            >
                <GroupList review={review} format={format} />
                <DeskSheets review={review} desk={desk} format={format} />
                <DeskMargin review={review} desk={desk} format={format} />
            </div>
        </Shell>
    );
}
