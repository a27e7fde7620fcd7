import { fullDay, shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import clsx from 'clsx';
import { useState } from 'react';
import { cellKey } from './cells';
import { ClockDay } from './ClockDay';
import { hoursDrawn, nextOn, strokesOf, times, type Stroke } from './clockView';
import { StretchForm } from './StretchForm';
import type { SheetPage } from './useSheetPage';

const copy = text.week.clock;

/** The week by the clock: a ruled line a day, on which time is written from left to right. */
export function ClockDays({ page }: { page: SheetPage }) {
    const { sheet, state, byTheClock: acts } = page;
    const [changing, change] = useState<number | null>(null);
    const days = sheet.days.map((day) => ({
        ...day,
        strokes: strokesOf(day.date, sheet.stretches, Object.values(state.proposals)),
    }));
    const hours = hoursDrawn(days.flatMap(({ strokes }) => strokes));
    const changed = sheet.stretches.find(({ id }) => id === changing);

    return (
        <section aria-label={copy.title} className="mt-2">
            <Ruler {...hours} />
            {days.map((day) => (
                <div
                    key={day.date}
                    className={clsx(
                        'grid grid-cols-[9.5rem_minmax(0,1fr)] gap-x-3 border-b border-rule py-1 max-md:grid-cols-1',
                        day.isToday && 'bg-moss-wash',
                    )}
                >
                    <DayName page={page} date={day.date} strokes={day.strokes} />
                    <ClockDay page={page} date={day.date} strokes={day.strokes} hours={hours} onOpen={change} />
                </div>
            ))}
            {acts.trouble !== null && changed === undefined && (
                <p role="alert" className="mt-1 text-brick">
                    {acts.trouble}
                </p>
            )}
            {changed !== undefined && (
                <StretchForm
                    key={`${String(changed.id)} ${String(changed.version)}`}
                    stretch={changed}
                    lines={state.lines}
                    days={sheet.days.map(({ date }) => date)}
                    step={sheet.step}
                    acts={acts}
                    onClose={() => {
                        change(null);
                    }}
                />
            )}
            {sheet.mayRecord && <p className="pencilled mt-2 max-md:hidden">{copy.keys}</p>}
        </section>
    );
}

/** The hours above the lines. */
function Ruler({ first, last }: { first: number; last: number }) {
    const marks = Array.from({ length: last - first + 1 }, (_, index) => first + index);
    const every = marks.length > 16 ? 2 : 1;

    return (
        <div aria-hidden className="grid grid-cols-[9.5rem_minmax(0,1fr)] gap-x-3 max-md:grid-cols-1">
            <span className="max-md:hidden" />
            <span className="relative h-5 text-[0.8rem] text-faded">
                {marks
                    .filter((hour) => (hour - first) % every === 0)
                    .map((hour) => (
                        <span
                            key={hour}
                            className={clsx(
                                'absolute',
                                hour === last ? '-translate-x-full' : hour !== first && '-translate-x-1/2',
                            )}
                            style={{ insetInlineStart: `${String(((hour - first) / (last - first)) * 100)}%` }}
                        >
                            {hour}
                        </span>
                    ))}
            </span>
        </div>
    );
}

/** Which day it is, what it has come to, and what there is to say of it. */
function DayName({ page, date, strokes }: { page: SheetPage; date: string; strokes: Stroke[] }) {
    const { sheet, state, format } = page;
    const timed = sheet.stretches.filter((stretch) => stretch.isInked && stretch.date === date);
    const entered = state.lines.reduce((sum, { key }) => sum + (state.cells[cellKey(key, date)]?.saved.minutes ?? 0), 0);
    const without = entered - timed.reduce((sum, { starts, ends }) => sum + ends - starts, 0);
    const said = sheet.clockDays.find((day) => day.date === date);

    return (
        <div>
            <p className="flex flex-wrap gap-x-2">
                {shortDay(date)}
                {sheet.mayRecord && (
                    <button
                        type="button"
                        className="act-quiet text-[0.85rem]"
                        aria-label={copy.add(fullDay(date))}
                        onClick={() => {
                            page.writeTimes(date, nextOn(strokes));
                        }}
                    >
                        {copy.addShort}
                    </button>
                )}
            </p>
            <p className="text-[0.85rem] text-faded">
                {entered > 0 && hoursWithUnit(entered, format)}
                {without > 0 && timed.length > 0 && `; ${copy.without(hoursWithUnit(without, format))}`}
                {without > 0 && timed.length === 0 && `, ${copy.noTimes}`}
            </p>
            {said !== undefined && said.gaps.length > 0 && (
                <p className="text-[0.85rem] text-faded">{copy.gaps(printList(said.gaps.map(times)))}</p>
            )}
            {said !== undefined && said.overlaps.length > 0 && (
                <p className="text-[0.85rem] text-ochre">{copy.overlaps(printList(said.overlaps.map(times)))}</p>
            )}
        </div>
    );
}
