import { SubmitPanel } from '@/features/submission';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import { timesheetDays } from '@/lib/timesheetDays';
import type { MonthLineProps, MonthProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { DaysAway } from './DaysAway';
import { MonthActs } from './MonthActs';
import { MonthHeading } from './MonthHeading';
import { MonthRefusals } from './MonthRefusals';
import { MonthTable } from './MonthTable';
import { useMonthEvents } from './useMonthEvents';
import { useMonthGrid } from './useMonthGrid';

const copy = text.month;

/** A person's month, or their timesheet where it covers other days: entered, filled and submitted on one page. */
export function MonthPage({ month }: { month: MonthProps }) {
    const counting = { unit: month.unit, format: useHoursFormat() };
    const name = timesheetDays(month.at);
    const [isFilling, setFilling] = useState(false);
    const [isSubmitting, setSubmitting] = useState(false);
    const fill = (line: MonthLineProps) => {
        setFilling(true);
        router.post(
            route('month.fill', { days: month.at }),
            { task: line.task, role: line.role },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setFilling(false);
                    // The button that was pressed may be gone.
                    grid.go(grid.place);
                },
            },
        );
    };
    const submit = () => {
        setSubmitting(month.isTimesheet);
    };
    const grid = useMonthGrid(month, counting);
    const events = useMonthEvents(grid, fill, submit);
    const unsaved = Object.values(grid.typed.cells).filter(({ status }) => status !== 'saved').length;

    return (
        <Shell skipTo="#lines">
            <MonthHeading month={month} name={name} counting={counting} />
            <FieldError of={['task', 'cells']} />
            <MonthTable
                name={name}
                month={month}
                counting={counting}
                grid={grid}
                events={events}
                isFilling={isFilling}
                onFill={fill}
            />
            <MonthRefusals month={month} cells={grid.typed.cells} />
            {month.isTimesheet && <MonthActs month={month} isOpen={isSubmitting} onSubmit={submit} />}
            {isSubmitting && (
                <div className="mt-4 max-w-xl">
                    <SubmitPanel
                        title={copy.submitTitle(name)}
                        at={{ person: month.person, days: month.at }}
                        open={month.open}
                        entered={month.enteredInAll.minutes}
                        expected={month.expectedInAll.minutes}
                        format={counting.format}
                        unsaved={unsaved}
                        isSaving={grid.typed.isSaving}
                        parts={[{ name, places: null }]}
                        onClose={() => {
                            setSubmitting(false);
                            grid.go(grid.place);
                        }}
                    />
                </div>
            )}
            <DaysAway month={month} format={counting.format} />
            <p className="pencilled mt-3 max-w-prose">
                {month.lines.length === 0 ? copy.none : month.unit === null ? copy.hint : copy.hintDays}
            </p>
        </Shell>
    );
}
