import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ProgressProps, HoursFormat } from '@/types/generated/props';
import { Tabs } from '@/ui/Tabs';
import { upTo } from './progressScale';
import { ProgressChart } from './ProgressChart';
import { ProgressTable } from './ProgressTable';

const copy = text.progress;

/** Planned, actual and forecast over the weeks: in a sentence, drawn, and as a table. */
export function Progress({ progress, format }: { progress: ProgressProps; format: HoursFormat }) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const last = progress.weeks[progress.weeks.length - 1];
    if (last === undefined) {
        return (
            <section aria-labelledby="progress">
                <h2 id="progress">{copy.title}</h2>
                <p>{copy.nothing}</p>
            </section>
        );
    }
    const now = upTo(progress.thisWeek, progress.weeks);
    const sentence = copy.sentence(hours(last.plannedSoFar), hours(last.forecastSoFar), hours(now.planned), hours(now.entered));

    return (
        <section aria-labelledby="progress">
            <h2 id="progress">{copy.title}</h2>
            <p>{sentence}</p>
            <Tabs
                label={copy.seen}
                views={[
                    {
                        key: 'chart',
                        name: copy.asChart,
                        view: <ProgressChart progress={progress} label={sentence} format={format} />,
                    },
                    { key: 'table', name: copy.asTable, view: <ProgressTable progress={progress} format={format} /> },
                ]}
            />
        </section>
    );
}
