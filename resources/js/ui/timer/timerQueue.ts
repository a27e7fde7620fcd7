import type { Answer } from '@/lib/http';
import type { TimerStateProps } from '@/types/generated/props';
import type { TimerAct } from './timerActs';

/** An act that waits to be sent. */
export interface WaitingAct {
    act: TimerAct;
    /** Which timer was seen, and how; null where an act before it must say. */
    seen: { timer: number; version: number } | null;
    /** When it was meant, by the device's clock; for whoever opens the page again. */
    wallTime: number;
    /** When it was meant, by this page's own clock; null on a page that was opened later. */
    pageTime: number | null;
}

interface Hands {
    send: (act: TimerAct, about: { timer: number; seen: number } | null, ago: number) => Promise<Answer>;
    keep: (stored: string | null) => void;
    onAnswer: (state: TimerStateProps, isLast: boolean) => void;
    onWaiting: (isWaiting: boolean) => void;
    pageTime: () => number;
    wallTime: () => number;
}

/** Sends acts on the timer one after the other, each with how long ago it was meant; what cannot be sent waits, also through a reload. */
export class TimerQueue {
    private isSending = false;

    constructor(
        private readonly hands: Hands,
        private waiting: WaitingAct[] = [],
    ) {}

    static readStored(stored: string | null): WaitingAct[] {
        try {
            const read: unknown = JSON.parse(stored ?? '[]');

            return Array.isArray(read) ? (read as WaitingAct[]).map((act) => ({ ...act, pageTime: null })) : [];
        } catch {
            return [];
        }
    }

    isEmpty(): boolean {
        return this.waiting.length === 0;
    }

    add(act: TimerAct, seen: WaitingAct['seen']): void {
        this.waiting.push({ act, seen, wallTime: this.hands.wallTime(), pageTime: this.hands.pageTime() });
        this.keep();
        void this.flush();
    }

    async flush(): Promise<void> {
        if (this.isSending) {
            return;
        }
        this.isSending = true;
        let last: WaitingAct['seen'] = null;
        for (let next = this.waiting[0]; next !== undefined; next = this.waiting[0]) {
            const about = next.act.kind === 'start' ? null : (next.seen ?? last);
            const answer = await this.hands.send(
                next.act,
                about === null ? null : { timer: about.timer, seen: about.version },
                this.ago(next),
            );
            if (!answer.reached || answer.status >= 500 || answer.status === 419 || answer.status === 401) {
                break;
            }
            this.waiting.shift();
            this.keep();
            const state = answer.body as TimerStateProps | null;
            last = state?.timer == null ? null : { timer: state.timer.id, version: state.timer.version };
            if (state !== null && 'isRefused' in state) {
                this.hands.onAnswer(state, this.waiting.length === 0);
            }
        }
        this.isSending = false;
        this.hands.onWaiting(this.waiting.length > 0);
    }

    /** Whole seconds since an act was meant. */
    private ago({ wallTime, pageTime }: WaitingAct): number {
        const since = pageTime === null ? this.hands.wallTime() - wallTime : this.hands.pageTime() - pageTime;

        return Math.max(0, Math.floor(since / 1000));
    }

    private keep(): void {
        this.hands.keep(this.waiting.length === 0 ? null : JSON.stringify(this.waiting));
    }
}
