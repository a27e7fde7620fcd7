import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import { useRef, type PointerEvent } from 'react';
import { drawnBetween, rowsOf, type Stroke } from './clockView';
import { ClockStroke } from './ClockStroke';
import type { SheetPage } from './useSheetPage';

const copy = text.week.clock;

/** How high a row of strokes is, in rem. */
const ROW = 2.6;

interface ClockDayProps {
    page: SheetPage;
    date: string;
    strokes: Stroke[];
    hours: { first: number; last: number };
    /** Opens time to be changed. */
    onOpen: (stretch: number) => void;
}

/** One day's line: strokes of ink and pencil on it, and room to draw more. */
export function ClockDay({ page, date, strokes, hours, onOpen }: ClockDayProps) {
    const line = useRef<HTMLDivElement>(null);
    const from = useRef<number | null>(null);
    const rows = rowsOf(strokes);
    const { mayRecord, step } = page.sheet;
    const minuteAt = ({ clientX }: PointerEvent) => {
        const box = line.current?.getBoundingClientRect();
        const share = box === undefined || box.width === 0 ? 0 : (clientX - box.left) / box.width;

        return (hours.first + share * (hours.last - hours.first)) * 60;
    };

    return (
        <div
            ref={line}
            role="group"
            aria-label={copy.day(fullDay(date))}
            className="relative touch-pan-y"
            style={{ height: `${String(Math.max(1, ...rows.map((row) => row + 1)) * ROW)}rem` }}
            onPointerDown={(event) => {
                if (mayRecord && event.target === event.currentTarget && event.button === 0) {
                    event.preventDefault();
                    event.currentTarget.setPointerCapture(event.pointerId);
                    from.current = minuteAt(event);
                }
            }}
            onPointerUp={(event) => {
                if (from.current !== null) {
                    page.writeTimes(date, drawnBetween(from.current, minuteAt(event), step));
                    from.current = null;
                }
            }}
        >
            <span aria-hidden className="pointer-events-none absolute inset-x-0 bottom-1 border-b border-edge" />
            {strokes.map((stroke, index) => (
                <ClockStroke
                    key={stroke.key}
                    page={page}
                    stroke={stroke}
                    hours={hours}
                    top={(rows[index] ?? 0) * ROW}
                    minuteAt={minuteAt}
                    onOpen={onOpen}
                />
            ))}
        </div>
    );
}
