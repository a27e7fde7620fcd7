import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ComparisonProps, HoursFormat } from '@/types/generated/props';
import { fullName, groupName } from './groupName';
import { linePoints, mostOf, seriesOf, type Series } from './linePoints';

const copy = text.comparePage;

const WIDTH = 260;
const HEIGHT = 64;

/** So many groups are drawn beside the whole. */
const GROUPS = 8;

/** Actual and planned hours of each group over time, on one scale; the whole has one of its own. The table has every figure. */
export function CompareLines({ comparison, format }: { comparison: ComparisonProps; format: HoursFormat }) {
    const { across, by, periods, groups, total, totals } = comparison;
    const isByDay = by === 'week' || by === 'month' || by === 'quarter';
    const sorted = [...groups].sort((one, other) => (one.code < other.code ? -1 : 1));
    const codes = isByDay ? sorted.map(({ code }) => code) : periods;
    const whole = seriesOf(copy.total, isByDay ? sorted.map(({ row }) => row) : totals);
    const series = isByDay
        ? []
        : groups.slice(0, GROUPS).map((group) => seriesOf(fullName(by, group.code, group.name), group.periods));
    if (codes.length < 2) {
        return null;
    }
    const grouping = isByDay ? by : (across ?? 'month');
    const [first = '', last = ''] = [codes[0], codes.at(-1)].map((code) => groupName(grouping, code ?? '', code ?? ''));

    return (
        <section aria-label={copy.overTime} className="mt-3">
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-x-6 gap-y-4">
                <Chart series={whole} most={mostOf([whole])} first={first} last={last} format={format} />
                {series.map((one, index) => (
                    <Chart key={index} series={one} most={mostOf(series)} first={first} last={last} format={format} />
                ))}
            </ul>
            <p className="pencilled mt-1">{total.actual === 0 ? copy.linesOfPlan : copy.lines}</p>
        </section>
    );
}

interface ChartProps {
    series: Series;
    most: number;
    first: string;
    last: string;
    format: HoursFormat;
}

function Chart({ series: { name, actual, planned }, most, first, last, format }: ChartProps) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <li>
            <p className="flex justify-between gap-3">
                <span className="min-w-0 truncate">{name}</span>
                <span className="shrink-0 text-[0.88em] text-faded">{copy.upTo(hours(most))}</span>
            </p>
            <svg
                role="img"
                aria-label={copy.drawnOverTime(name, first, last)}
                viewBox={`-2 -2 ${String(WIDTH + 4)} ${String(HEIGHT + 4)}`}
                className="block w-full border-b border-edge"
            >
                <polyline
                    points={linePoints(planned, most, WIDTH, HEIGHT)}
                    fill="none"
                    className="stroke-pencil"
                    strokeWidth="1.5"
                    strokeDasharray="4 3"
                />
                <polyline points={linePoints(actual, most, WIDTH, HEIGHT)} fill="none" className="stroke-moss" strokeWidth="2" />
            </svg>
            <p className="flex justify-between text-[0.85em] text-faded">
                <span>{first}</span>
                <span>{last}</span>
            </p>
        </li>
    );
}
