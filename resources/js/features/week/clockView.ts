import type { ProposalProps, StretchProps } from '@/types/generated/props';

export const MINUTES_OF_DAY = 1440;

/** What lies by the clock on a day: recorded or measured time, or a proposal that would lie there. */
export interface Stroke {
    /** The same for as long as it is there. */
    key: string;
    line: string;
    date: string;
    starts: number;
    ends: number;
    isInked: boolean;
    /** What it is of; null for a proposal, which is only inked as it lies. */
    stretch: StretchProps | null;
}

/** All that lies by the clock on a day, in the order of starts. */
export function strokesOf(date: string, stretches: readonly StretchProps[], proposals: readonly ProposalProps[]): Stroke[] {
    const drawn = stretches
        .filter((stretch) => stretch.date === date)
        .map((stretch) => ({ ...stretch, key: String(stretch.id), stretch }));
    const proposed = proposals
        .filter((proposal) => proposal.date === date && proposal.source !== 'timer' && proposal.source !== 'calendar')
        .flatMap(({ line, times }) =>
            times.map(({ starts, ends }) => ({
                key: `${line} ${String(starts)}`,
                line,
                date,
                starts,
                ends,
                isInked: false,
                stretch: null,
            })),
        );

    return [...drawn, ...proposed].sort((one, other) => one.starts - other.starts || one.ends - other.ends);
}

/** The hours that are drawn, so that everything fits: at least from eight to six. */
export function hoursDrawn(strokes: readonly { starts: number; ends: number }[]): { first: number; last: number } {
    return {
        first: Math.min(8, ...strokes.map(({ starts }) => Math.floor(starts / 60))),
        last: Math.max(18, ...strokes.map(({ ends }) => Math.ceil(ends / 60))),
    };
}

/** In which row each lies, so that none lies on another: the first one that is free. */
export function rowsOf(strokes: readonly { starts: number; ends: number }[]): number[] {
    const reached: number[] = [];

    return strokes.map(({ starts, ends }) => {
        const free = reached.findIndex((until) => until <= starts);
        const row = free === -1 ? reached.length : free;
        reached[row] = ends;

        return row;
    });
}

/** A minute at the nearest full step of the day. */
export function snapped(minute: number, step: number): number {
    return Math.max(0, Math.min(MINUTES_OF_DAY, Math.round(minute / step) * step));
}

interface Times {
    starts: number;
    ends: number;
}

/** Moved by some minutes, within the day. */
export function movedBy({ starts, ends }: Times, by: number): Times {
    const within = Math.max(-starts, Math.min(MINUTES_OF_DAY - ends, by));

    return { starts: starts + within, ends: ends + within };
}

/** With another end, at least a step after the start. */
export function endingAt({ starts }: Times, end: number, step: number): Times {
    return { starts, ends: Math.min(MINUTES_OF_DAY, Math.max(starts + step, end)) };
}

/** With another start, at least a step before the end. */
export function startingAt({ ends }: Times, start: number, step: number): Times {
    return { starts: Math.max(0, Math.min(ends - step, start)), ends };
}

/** The two ends of a stroke of the pen, the earlier first, at least a step apart. */
export function drawnBetween(from: number, to: number, step: number): Times {
    const [starts, ends] = [Math.min(from, to), Math.max(from, to)].map((minute) => snapped(minute, step)) as [number, number];

    return ends > starts ? { starts, ends } : movedBy({ starts, ends: starts + step }, 0);
}

/** What comes next on a day: an hour from the last end on, or from nine. */
export function nextOn(strokes: readonly Times[]): Times {
    const last = Math.max(...strokes.map(({ ends }) => ends), -1);
    const starts = last === -1 ? 540 : Math.min(last, MINUTES_OF_DAY - 60);

    return { starts, ends: starts + 60 };
}

/** `09:30`. */
export function clock(minute: number): string {
    return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}

/** `09:30–11:00`. */
export function times({ starts, ends }: Times): string {
    return `${clock(starts)}–${clock(ends)}`;
}

/** The English name of a day, which the quick line knows in every language. */
export function dayWord(date: string): string {
    return ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'][new Date(`${date}T00:00:00Z`).getUTCDay()] ?? '';
}
