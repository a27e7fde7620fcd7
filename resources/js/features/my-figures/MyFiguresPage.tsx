import { monthOf, span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { printPercent } from '@/lib/numbers';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, MyFiguresProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import { MyEstimates } from './MyEstimates';
import { MyGroups } from './MyGroups';

const copy = text.myFigures;
const periods = [
    'this-week',
    'last-week',
    'this-month',
    'last-month',
    'this-quarter',
    'last-quarter',
    'this-year',
    'last-year',
] as const;

/** A person's own hours, against what is expected of them, and how their estimates turned out. */
export function MyFiguresPage({ figures }: { figures: MyFiguresProps }) {
    const format = useHoursFormat();
    const { period, first, last, projects, roles, months, quarters, estimates, currency, total } = figures;
    const tables = { format, currency, scale: Math.max(1, total.entered) };
    const quarterName = (code: string) => text.comparePage.quarter(code.slice(-1), code.slice(0, 4));

    return (
        <Shell>
            <PageHeading title={copy.title} finding={finding(figures, format)} />
            <div className="no-print mt-2 flex">
                <Select
                    label={copy.period}
                    value={period}
                    options={periods.map((one) => [one, text.comparePage.periods[one]] as const)}
                    onChoose={(chosen) => {
                        router.get(route('my-figures', {}, { period: chosen }), {}, { preserveScroll: true });
                    }}
                />
            </div>
            {total.entered === 0 && projects.length === 0 ? (
                <p className="mt-3">{copy.noneNext(span(first, last))}</p>
            ) : (
                <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-8 lg:grid-cols-2">
                    <MyGroups title={copy.byProject} groups={projects} {...tables} />
                    <MyGroups
                        title={copy.byRole}
                        groups={roles}
                        name={(code) => (code === '-' ? copy.noRole : null)}
                        {...tables}
                    />
                    <MyGroups
                        title={copy.byMonth}
                        groups={months}
                        name={(code) => monthOf(`${code}-01`)}
                        withExpected
                        {...tables}
                    />
                    {quarters.length > 1 && (
                        <MyGroups title={copy.byQuarter} groups={quarters} name={quarterName} withExpected {...tables} />
                    )}
                </div>
            )}
            <MyEstimates estimates={estimates} format={format} />
        </Shell>
    );
}

function finding({ first, last, total, expectedToDate, utilisation, currency }: MyFiguresProps, format: HoursFormat): string {
    const percent = (decimal: string) => text.percent(printPercent(decimal));

    return [
        expectedToDate === null || utilisation === null
            ? copy.sum(span(first, last), hoursWithUnit(total.entered, format))
            : copy.sumOf(
                  span(first, last),
                  hoursWithUnit(total.entered, format),
                  hoursWithUnit(expectedToDate, format),
                  percent(utilisation),
              ),
        total.billableShare === null ? '' : copy.billable(percent(total.billableShare)),
        currency === null || total.billValue === null ? '' : copy.billValue(printCents(total.billValue, currency)),
        total.pending === 0 ? '' : copy.pending(hoursWithUnit(total.pending, format)),
    ]
        .filter((sentence) => sentence !== '')
        .join(' ');
}
