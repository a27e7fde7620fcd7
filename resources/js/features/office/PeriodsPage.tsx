import { route } from '@/lib/route';
import { instant, shortDay, wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { PeriodProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';
import { OpenTimeTable } from './OpenTimeTable';
import { PeriodFinding } from './PeriodFinding';
import { PeriodForms } from './PeriodForms';
import { UndecidedTable } from './UndecidedTable';

/** Closing a period: the check list, what would be settled, and what was closed and opened before. */
export function PeriodsPage({ period }: { period: PeriodProps }) {
    const format = useHoursFormat();
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const copy = officeText.officePage.periods;

    return (
        <OfficeShell
            title={copy.name}
            finding={period.closedUntil === null ? copy.nothingClosed : copy.closedUntil(wholeDate(period.closedUntil))}
        >
            <form
                className="mt-2 flex flex-wrap items-baseline-last gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    const day = new FormData(event.currentTarget).get('day');
                    router.get(route('office.periods'), { day: typeof day === 'string' ? day : '' });
                }}
            >
                <DateField label={copy.until} name="day" required defaultValue={period.until} />
                <button type="submit" className="act">
                    {copy.look}
                </button>
            </form>
            <FieldError />
            <PeriodFinding period={period} format={format} />
            <PeriodForms key={`${period.until} ${period.seen} ${period.closedUntil ?? ''}`} period={period} format={format} />
            <Select
                label={copy.weekDue}
                className="mt-4 w-fit"
                value={String(period.weekDue)}
                options={Array.from({ length: 15 }, (_, days) => [String(days), copy.dueAfter(days)] as const)}
                onChoose={(days) => {
                    router.put(route('office.periods.due'), { days: Number(days) }, { preserveScroll: true });
                }}
            />
            <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 lg:grid-cols-2">
                {period.open.length > 0 && <OpenTimeTable people={period.open} format={format} />}
                {period.approvers.length > 0 && <UndecidedTable approvers={period.approvers} />}
                {period.corrected.length > 0 && (
                    <section aria-labelledby="corrected">
                        <h2 id="corrected">{copy.corrected}</h2>
                        <ul>
                            {period.corrected.map((one, index) => (
                                <li key={index} className="border-b border-rule py-1 [overflow-wrap:anywhere]">
                                    {one.name}, {one.task}, {shortDay(one.date)}:{' '}
                                    <s className="text-faded">{hours(one.before)}</s> {hours(one.after)} <q>{one.reason}</q>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                {period.acts.length > 0 && (
                    <section aria-labelledby="acts">
                        <h2 id="acts">{copy.acts}</h2>
                        <ul>
                            {period.acts.map((act) => (
                                <li key={act.at} className="border-b border-rule py-1 [overflow-wrap:anywhere]">
                                    <span className="text-faded">{instant(act.at)}</span> {act.actor}:{' '}
                                    {act.act === 'close'
                                        ? copy.closed(act.until === null ? '' : wholeDate(act.until))
                                        : copy.reopened(act.until === null ? '' : wholeDate(act.until))}
                                    {act.why !== '' && <q className="ms-1">{act.why}</q>}
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
        </OfficeShell>
    );
}
