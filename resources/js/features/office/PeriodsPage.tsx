import { instant, shortDay, wholeDate } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { PeriodProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { Trouble } from '@/ui/Trouble';
import { router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';
import { OpenTimeTable } from './OpenTimeTable';
import { PeriodForms } from './PeriodForms';

/** Closing a period: the check list, what would be settled, and what was closed and opened before. */
export function PeriodsPage({ period }: { period: PeriodProps }) {
    const format = useHoursFormat();
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const words = text.officePage.periods;

    return (
        <OfficeShell title={words.name}>
            <h1>{period.closedUntil === null ? words.nothingClosed : words.closedUntil(wholeDate(period.closedUntil))}</h1>
            <form
                className="mt-2 flex flex-wrap items-end gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    const day = new FormData(event.currentTarget).get('day');
                    router.get('/office/periods', { day: typeof day === 'string' ? day : '' });
                }}
            >
                <label className="flex flex-col gap-1">
                    <span className="text-faded">{words.until}</span>
                    <input
                        type="date"
                        name="day"
                        defaultValue={period.until}
                        className="min-h-8 border-b border-edge bg-sheet px-2"
                    />
                </label>
                <button type="submit" className="act">
                    {words.look}
                </button>
            </form>
            <Trouble />
            <p className="mt-3">
                {words.wouldSettle(hours(period.minutes), period.entries, shortDay(period.until))}{' '}
                {period.openEntries === 0
                    ? words.allApproved
                    : words.open(hours(period.openMinutes), period.openEntries, period.openPeople)}{' '}
                {period.corrections > 0 && words.correctionsWait(period.corrections)}
            </p>
            <PeriodForms key={`${period.until} ${period.seen} ${period.closedUntil ?? ''}`} period={period} format={format} />
            <Select
                label={words.weekDue}
                className="mt-4 w-fit"
                value={period.weekDue}
                options={Array.from({ length: 15 }, (_, days) => [String(days), words.dueAfter(days)] as const)}
                onChange={(event) => {
                    router.put('/office/periods/due', { days: Number(event.target.value) }, { preserveScroll: true });
                }}
            />
            <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 lg:grid-cols-2">
                {period.open.length > 0 && <OpenTimeTable people={period.open} format={format} />}
                {period.corrected.length > 0 && (
                    <section aria-labelledby="corrected">
                        <h2 id="corrected">{words.corrected}</h2>
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
                        <h2 id="acts">{words.acts}</h2>
                        <ul>
                            {period.acts.map((act) => (
                                <li key={act.at} className="border-b border-rule py-1 [overflow-wrap:anywhere]">
                                    <span className="text-faded">{instant(act.at)}</span> {act.actor}:{' '}
                                    {act.act === 'close'
                                        ? words.closed(act.until === null ? '' : wholeDate(act.until))
                                        : words.reopened(act.until === null ? '' : wholeDate(act.until))}
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
