import { span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, WorkloadProps } from '@/types/generated/props';
import { CompareTabs } from '@/ui/CompareTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Paging } from '@/ui/Paging';
import { Shell } from '@/ui/Shell';
import clsx from 'clsx';
import { FreePeople } from './FreePeople';
import { askedOf, loadAddress } from './loadAddress';
import { LoadForm } from './LoadForm';
import { LoadTable } from './LoadTable';
import { OpenedLoad } from './OpenedLoad';

const copy = text.loadPage;

/** Who has too much to do, and who has time: in figures and words. */
export function LoadPage({ load }: { load: WorkloadProps }) {
    const format = useHoursFormat();
    const asked = askedOf(load);

    return (
        <Shell>
            <CompareTabs />
            <PageHeading title={copy.title} finding={finding(load, format)} />
            <LoadForm key={`${load.first} ${load.last} ${load.unit}`} asked={asked} />
            {load.freeTime !== null && <FreePeople free={load.freeTime} asked={asked} format={format} />}
            {load.count === 0 ? (
                <p className="mt-3">{copy.noneNext}</p>
            ) : (
                <div
                    className={clsx(
                        'mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-5',
                        load.opened !== null && 'lg:grid-cols-[minmax(0,1fr)_20rem]',
                    )}
                >
                    <LoadTable load={load} asked={{ ...asked, page: load.page }} format={format} />
                    {load.opened !== null && (
                        <OpenedLoad
                            opened={load.opened}
                            days={span(load.first, load.last)}
                            closed={loadAddress({ ...asked, page: load.page })}
                            format={format}
                        />
                    )}
                </div>
            )}
            <Paging page={load.page} pages={load.pages} address={(page) => loadAddress({ ...asked, page })} className="mt-3" />
        </Shell>
    );
}

function finding({ first, last, count, overCount, over, free }: WorkloadProps, format: HoursFormat): string {
    const days = span(first, last);
    if (count === 0) {
        return copy.none(days);
    }

    return [
        overCount === 0 ? copy.nobodyOver(days, count) : copy.over(days, overCount, count, hoursWithUnit(over, format)),
        copy.free(hoursWithUnit(free, format)),
    ].join(' ');
}
