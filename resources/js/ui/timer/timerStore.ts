import { put, post, read, send, type Answer } from '@/lib/http';
import { route } from '@/lib/route';
import type { TimerProps, TimerStateProps } from '@/types/generated/props';
import { reloadLatest } from '@/lib/reloadLatest';
import { Store, useStore } from '@/lib/store';
import { afterAct, type TimerAct, type TimerSeen } from './timerActs';
import { TimerQueue } from './timerQueue';

const RETRY_AFTER = 5000;

interface TimerShown extends TimerSeen {
    /** What was done, or why nothing was. */
    message: string | null;
    isRefused: boolean;
    /** When one that was forgotten may have been meant to stop. */
    suggestion: string | null;
    /** Whether an act waits for the server. */
    isWaiting: boolean;
}

const shown = new Store<TimerShown>({ timer: null, at: 0, message: null, isRefused: false, suggestion: null, isWaiting: false });
let queue: TimerQueue | null = null;
let given: TimerProps | null | undefined;

function show(changed: Partial<TimerShown>): void {
    shown.set({ ...shown.get(), ...changed });
}

function taken({ timer, message, isRefused, suggestion }: TimerStateProps): Partial<TimerShown> {
    return { timer, at: performance.now(), message, isRefused, suggestion };
}

async function sendAct(act: TimerAct, about: { timer: number; seen: number } | null, ago: number): Promise<Answer> {
    if (act.kind === 'start') {
        const [task, role] = act.line.split(':');

        return post(route('timer.start'), { task: Number(task), role: role === '' ? null : Number(role), note: act.note, ago });
    }
    const body = { ...about, ago };
    switch (act.kind) {
        case 'note':
            return put(route('timer.note'), { ...body, note: act.note });
        case 'stop':
            return put(route('timer.stop'), act.at === null ? body : { ...body, at: act.at });
        case 'discard':
            return send('DELETE', route('timer.discard'), body);
        default:
            return put(route(act.kind === 'pause' ? 'timer.pause' : 'timer.resume'), body);
    }
}

/** The queue of whoever is signed in, with what waits from before. */
function queueOf(person: string): TimerQueue {
    if (queue !== null) {
        return queue;
    }
    const place = `moss-week timer ${person}`;
    queue = new TimerQueue(
        {
            send: sendAct,
            keep: (stored) => {
                if (stored === null) {
                    window.localStorage.removeItem(place);
                } else {
                    window.localStorage.setItem(place, stored);
                }
            },
            onAnswer: (state, isLast) => {
                if (isLast) {
                    show(taken(state));
                    // What was measured stands in the week now, if that is what is shown.
                    reloadLatest(['signedIn', 'sheet', 'tasks']);
                }
            },
            onWaiting: (isWaiting) => {
                show({ isWaiting });
            },
            pageTime: () => performance.now(),
            wallTime: () => Date.now(),
        },
        TimerQueue.readStored(window.localStorage.getItem(place)),
    );
    const flush = () => void queue?.flush();
    flush();
    window.setInterval(flush, RETRY_AFTER);
    window.addEventListener('online', flush);
    // Another device may have done something in the meantime.
    document.addEventListener('visibilitychange', () => {
        if (document.visibilityState === 'visible' && (shown.get().timer !== null || given !== null)) {
            void refreshTimer();
        }
    });

    return queue;
}

/** Asks the server how the timer is, unless something of one's own is on its way. */
export async function refreshTimer(): Promise<void> {
    const state = await read<TimerStateProps>(route('timer'));
    if (state !== null && queue?.isEmpty() !== false) {
        show(taken(state));
    }
}

/** Takes the timer that a page was given with. */
export function takeGiven(person: string, timer: TimerProps | null): void {
    if (given !== timer && queueOf(person).isEmpty()) {
        given = timer;
        show({ timer, at: performance.now() });
    }
}

/** Does something with the timer at once, and has the server do it. */
export function actOnTimer(person: string, act: TimerAct): void {
    const { timer } = shown.get();
    const now = performance.now();
    const local = new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
    const seen = timer === null || timer.id === 0 ? null : { timer: timer.id, version: timer.version };
    const waits = !queueOf(person).isEmpty();
    show({ ...afterAct(shown.get(), act, now, local), message: null, isRefused: false });
    queueOf(person).add(act, waits ? null : seen);
}

/** Takes away what was said of the last act. */
export function forgetMessage(): void {
    show({ message: null, isRefused: false });
}

/** The timer as it is shown. */
export function useTimer(): TimerShown {
    return useStore(shown);
}
