import { dayOf, instant } from '@/lib/days';
import { hoursWithUnit, signedHoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ClosingProps, HoursFormat, ReportedProps } from '@/types/generated/props';
import { CompareTabs } from '@/ui/CompareTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Paging } from '@/ui/Paging';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import { ReportedTable } from './ReportedTable';

const copy = text.reportedPage;

/** What each project came to when a period was closed, beside what it comes to now. */
export function ReportedPage({ reported }: { reported: ReportedProps }) {
    const format = useHoursFormat();
    const { closings, closing, page, pages } = reported;
    const chosen = closings.find(({ id }) => id === closing);

    return (
        <Shell>
            <CompareTabs />
            <PageHeading title={copy.title} finding={chosen === undefined ? copy.none : finding(reported, chosen, format)} />
            {chosen !== undefined && (
                <>
                    <div className="no-print mt-2 flex flex-wrap gap-4">
                        <Select
                            label={copy.closing}
                            value={String(chosen.id)}
                            options={closings.map(
                                ({ id, until, at }) => [String(id), copy.closed(dayOf(until, ''), instant(at))] as const,
                            )}
                            onChoose={(id) => {
                                router.get(route('reported', {}, { closing: id }), {}, { preserveScroll: true });
                            }}
                        />
                    </div>
                    <ReportedTable reported={reported} format={format} />
                    <Paging
                        page={page}
                        pages={pages}
                        address={(page) => route('reported', {}, { closing: chosen.id, page })}
                        className="mt-3"
                    />
                </>
            )}
        </Shell>
    );
}

function finding(
    { then, now, count, risen, fallen }: ReportedProps,
    { until, at, by }: ClosingProps,
    format: HoursFormat,
): string {
    return [
        copy.since(dayOf(until, ''), instant(at), by),
        now.forecast === then.forecast
            ? copy.sameForecast(hoursWithUnit(now.forecast, format))
            : copy.changedForecast(
                  hoursWithUnit(then.forecast, format),
                  hoursWithUnit(now.forecast, format),
                  signedHoursWithUnit(now.forecast - then.forecast, format),
              ),
        copy.counts(risen, fallen, count - risen - fallen),
    ].join(' ');
}
