import type { TimerProps } from '@/types/generated/props';

/** What may be wanted of the timer. */
export type TimerAct =
    | { kind: 'start'; line: string; taskName: string; projectName: string; roleName: string | null; note: string }
    | { kind: 'note'; note: string }
    /** At a time by the clock on the wall, where it was forgotten; else now. */
    | { kind: 'stop'; at: string | null }
    | { kind: 'pause' }
    | { kind: 'resume' }
    | { kind: 'discard' };

/** The timer as it was at some moment of this page's own clock, which only goes forward. */
export interface TimerSeen {
    timer: TimerProps | null;
    /** In milliseconds. */
    at: number;
}

/** For how many seconds it has run by now. */
export function secondsBy({ timer, at }: TimerSeen, now: number): number {
    return timer === null ? 0 : timer.seconds + (timer.isRunning ? Math.max(0, Math.floor((now - at) / 1000)) : 0);
}

/** How it is shown until the server has answered. */
export function afterAct(seen: TimerSeen, act: TimerAct, now: number, clock: string): TimerSeen {
    const { timer } = seen;
    if (act.kind === 'start') {
        const { line, taskName, projectName, roleName, note } = act;
        const started = { id: 0, version: 0, isRunning: true, seconds: 0, since: clock, seemsForgotten: false };

        return { timer: { ...started, line, taskName, projectName, roleName, note }, at: now };
    }
    if (timer === null || act.kind === 'stop' || act.kind === 'discard') {
        return { timer: null, at: now };
    }
    const seconds = secondsBy(seen, now);

    return act.kind === 'note'
        ? { timer: { ...timer, note: act.note }, at: seen.at }
        : { timer: { ...timer, seconds, isRunning: act.kind === 'resume' }, at: now };
}
