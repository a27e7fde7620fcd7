import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ReviewProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import { OpenWeek } from './OpenWeek';
import { WaitingList } from './WaitingList';

/** What waits for the approver, and beside it the week that is open. */
export function ReviewPage({ review }: { review: ReviewProps }) {
    const format = useHoursFormat();
    const { open, weeks } = review;

    return (
        <Shell>
            <Head title={text.review} />
            <h1>
                {weeks.length === 0
                    ? text.reviewPage.nothing
                    : text.reviewPage.title(review.entries, weeks.length, hoursInWords(review.minutes, format))}
            </h1>
            {weeks.length === 0 && <p className="mt-3 max-w-prose">{text.reviewPage.nothingNext}</p>}
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 lg:grid-cols-[17rem_minmax(0,1fr)]">
                {weeks.length > 0 && <WaitingList weeks={weeks} open={open} format={format} />}
                {open !== null && (
                    <OpenWeek key={`${open.personCode} ${open.week} ${open.minutes}`} open={open} format={format} />
                )}
            </div>
        </Shell>
    );
}
