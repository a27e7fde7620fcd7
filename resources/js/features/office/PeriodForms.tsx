import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, PeriodProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Confirm } from '@/ui/Confirm';
import { wholeDate } from '@/lib/days';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const stored = { preserveScroll: true } as const;

/** Closes up to the day that is looked at, or opens closed days again with a reason. */
export function PeriodForms({ period, format }: { period: PeriodProps; format: HoursFormat }) {
    const [leavesOut, leaveOut] = useState(false);
    const [reopens, reopen] = useState(false);
    const copy = officeText.officePage.periods;
    const hasToSettle = period.entries > 0 || period.approvedExpenses > 0;
    const isClosedAlready = !hasToSettle && period.closedUntil !== null && period.until <= period.closedUntil;

    return (
        <div className="mt-2 flex flex-col items-start gap-2">
            {period.openEntries > 0 && (
                <Checkbox
                    label={copy.leavesOut(period.openEntries)}
                    checked={leavesOut}
                    onChange={(checked) => {
                        leaveOut(checked);
                    }}
                />
            )}
            <div className="flex flex-wrap gap-2">
                {!isClosedAlready && (
                    <Confirm
                        title={copy.confirmTitle(wholeDate(period.until))}
                        yes={copy.close(hoursWithUnit(period.minutes, format))}
                        no={copy.confirmNo}
                        onYes={() => {
                            router.post(
                                route('office.periods.close'),
                                { day: period.until, seen: period.seen, leavesOut },
                                stored,
                            );
                        }}
                        button={{
                            className: 'act act-main',
                            disabled: period.openEntries > 0 && !leavesOut,
                            children: copy.close(hoursWithUnit(period.minutes, format)),
                        }}
                    >
                        {copy.confirmText}
                    </Confirm>
                )}
                {(period.openPeople > 0 || period.approvers.length > 0) && (
                    <button
                        type="button"
                        className="act"
                        onClick={() => {
                            router.post(route('office.periods.notice'), { day: period.until }, stored);
                        }}
                    >
                        {copy.announce}
                    </button>
                )}
                {period.closedUntil !== null && (
                    <button
                        type="button"
                        className="act"
                        aria-expanded={reopens}
                        onClick={() => {
                            reopen(!reopens);
                        }}
                    >
                        {copy.startReopen}
                    </button>
                )}
            </div>
            {reopens && <ReopenForm period={period} />}
        </div>
    );
}

/** From which day on closed time is open again, and why. */
function ReopenForm({ period }: { period: PeriodProps }) {
    const copy = officeText.officePage.periods;

    return (
        <form
            className="flex flex-wrap items-baseline-last gap-2 border-s-2 border-ochre ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                const said = new FormData(event.currentTarget);
                router.delete(route('office.periods.reopen'), {
                    ...stored,
                    data: { day: said.get('day'), reason: said.get('reason') },
                });
            }}
        >
            <DateField
                label={copy.openFrom}
                name="day"
                required
                max={period.closedUntil ?? undefined}
                defaultValue={period.closedUntil}
            />
            <label className="flex flex-col gap-1">
                <span className="text-faded">{copy.why}</span>
                <input
                    name="reason"
                    required
                    maxLength={1000}
                    className="min-h-8 w-80 max-w-full border-b border-edge bg-sheet px-2"
                />
            </label>
            <button type="submit" className="act">
                {copy.reopen}
            </button>
            <p className="pencilled w-full">{copy.staysSettled}</p>
        </form>
    );
}
