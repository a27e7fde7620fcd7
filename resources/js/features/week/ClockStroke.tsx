import { fullDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import clsx from 'clsx';
import type { KeyboardEvent, PointerEvent } from 'react';
import { clockKeyFor } from './clockKeys';
import { times, type Stroke } from './clockView';
import { useStroke } from './useStroke';
import type { SheetPage } from './useSheetPage';

const copy = text.week.clock;

interface ClockStrokeProps {
    page: SheetPage;
    stroke: Stroke;
    hours: { first: number; last: number };
    /** In rem. */
    top: number;
    minuteAt: (event: PointerEvent) => number;
    onOpen: (stretch: number) => void;
}

/** Time on a day's line: dark where it is inked, dashed and slanted where it is pencilled; moved and resized by hand or key. */
export function ClockStroke({ page, stroke, hours, top, minuteAt, onOpen }: ClockStrokeProps) {
    const { sheet, state, byTheClock: acts, format } = page;
    const line = state.lines.find(({ key }) => key === stroke.line);
    const { shown, move, drag, drop, hold } = useStroke(stroke, sheet.step, (wanted) => {
        if (stroke.stretch !== null) {
            void acts.change(stroke.stretch, { line: stroke.line, date: stroke.date, ...wanted, note: stroke.stretch.note });
        }
    });
    const total = (hours.last - hours.first) * 60;
    const ink = () =>
        stroke.stretch === null
            ? acts.draw({ line: stroke.line, date: stroke.date, starts: stroke.starts, ends: stroke.ends })
            : acts.ink([stroke.stretch]);
    const press = (event: KeyboardEvent) => {
        const asked = clockKeyFor(event, stroke, sheet.step);
        if (asked === null || !sheet.mayRecord) {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
        if (asked.kind === 'move' || asked.kind === 'start' || asked.kind === 'end') {
            move(asked);
        } else if (asked.kind === 'ink') {
            void ink();
        } else if (stroke.stretch !== null && asked.kind === 'open') {
            onOpen(stroke.stretch.id);
        } else if (stroke.stretch !== null && asked.kind === 'split') {
            void acts.split(stroke.stretch, asked.at);
        } else if (stroke.stretch !== null && asked.kind === 'remove') {
            void acts.remove(stroke.stretch);
        }
    };

    return (
        <button
            type="button"
            aria-label={copy.stroke(
                line?.taskName ?? '',
                times(shown),
                fullDay(stroke.date),
                stroke.isInked ? copy.inked : copy.pencilled,
            )}
            title={`${stroke.stretch?.title == null ? '' : `${stroke.stretch.title} · `}${times(shown)} · ${line?.projectName ?? ''} · ${hoursWithUnit(shown.ends - shown.starts, format)}`}
            className={clsx(
                'absolute flex h-[2.3rem] cursor-pointer touch-none flex-col justify-end overflow-hidden text-start leading-tight',
                stroke.isInked ? 'border-b-[3px] border-ink' : 'pencilled border-b-2 border-dashed border-pencil',
            )}
            style={{
                top: `${String(top)}rem`,
                insetInlineStart: `${String(((shown.starts - hours.first * 60) / total) * 100)}%`,
                // A hair is left free, so that one stroke ends where the next begins.
                width: `calc(${String(((shown.ends - shown.starts) / total) * 100)}% - 3px)`,
            }}
            onKeyDown={press}
            onPointerDown={(event) => {
                if (sheet.mayRecord && stroke.stretch !== null && event.button === 0) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    hold(event.currentTarget.getBoundingClientRect(), event.clientX, minuteAt(event));
                }
            }}
            onPointerMove={(event) => {
                drag(minuteAt(event));
            }}
            onPointerUp={() => {
                if (!drop() && stroke.stretch !== null && sheet.mayRecord) {
                    onOpen(stroke.stretch.id);
                } else if (stroke.stretch === null && sheet.mayRecord) {
                    void ink();
                }
            }}
        >
            <span className="truncate">{line?.taskName}</span>
            <span className="truncate text-[0.8rem] text-faded">{times(shown)}</span>
        </button>
    );
}
