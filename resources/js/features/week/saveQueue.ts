import type { Answer } from '@/lib/http';
import { sentenceIn } from '@/lib/http';
import type { SavedCellsProps } from '@/types/generated/props';
import { cellKey, ofKey, type Wanted } from './cells';
import { ofLine } from './lineKey';

/** Something wanted of a cell, and the version that was seen there. */
export interface Sending {
    key: string;
    wanted: Wanted;
    seen: number | null;
}

export interface SaveQueueEvents {
    onAnswer: (answer: SavedCellsProps) => void;
    /** The server is away, or does not let in; it is tried again. */
    onStored: (keys: readonly string[], message: string) => void;
    onRefused: (keys: readonly string[], message: string) => void;
}

interface SaveQueueParts extends SaveQueueEvents {
    send: (cells: object[]) => Promise<Answer>;
    /** Keeps what is not saved, should the page go: null forgets it. */
    keep: (stored: string | null) => void;
    sentences: { offline: string; lost: string };
}

/** As many as the server takes at once. */
const MOST_AT_ONCE = 200;

/** Whether it is worth trying again: signed out, too often, or the server in trouble. */
function isPassing(status: number): boolean {
    return status === 401 || status === 419 || status === 429 || status >= 500;
}

function cellOf({ key, wanted, seen }: Sending): object {
    const { line, date } = ofKey(key);
    const { hours, ...others } = wanted;

    return { ...ofLine(line), date, seen, ...(typeof hours === 'number' ? { minutes: hours } : { hours }), ...others };
}

/**
 * Sends what is wanted of cells, one request at a time, everything that has gathered in one.
 *
 * Nothing leaves it before the server has answered for it; what is typed again meanwhile goes with the version that the
 * answer brought, so that nobody conflicts with themselves.
 */
export class SaveQueue {
    private readonly waiting = new Map<string, Sending>();

    private flying: Sending[] = [];

    private isAway = false;

    constructor(private readonly parts: SaveQueueParts) {}

    /** What was stored by a page that went. */
    static readStored(stored: string | null): Sending[] {
        try {
            const list: unknown = stored === null ? [] : JSON.parse(stored);

            return Array.isArray(list) ? (list as Sending[]) : [];
        } catch {
            return [];
        }
    }

    add(sendings: Sending[]): void {
        for (const sending of sendings) {
            const before = this.waiting.get(sending.key);
            this.waiting.set(sending.key, {
                ...sending,
                seen: before === undefined ? sending.seen : before.seen,
                wanted: { ...before?.wanted, ...sending.wanted },
            });
        }
        this.keep();
        void this.flush();
    }

    /** Whether anything is not saved yet. */
    isEmpty(): boolean {
        return this.waiting.size === 0 && this.flying.length === 0;
    }

    forget(key: string): void {
        this.waiting.delete(key);
        this.keep();
    }

    async flush(): Promise<void> {
        if (this.flying.length > 0 || this.waiting.size === 0) {
            return;
        }
        this.flying = [...this.waiting.values()].slice(0, MOST_AT_ONCE);
        for (const { key } of this.flying) {
            this.waiting.delete(key);
        }
        const answer = await this.parts.send(this.flying.map(cellOf));
        const sent = this.flying;
        this.flying = [];
        this.settle(sent, answer);
        this.keep();
        if (!this.isAway) {
            await this.flush();
        }
    }

    private settle(sent: Sending[], answer: Answer): void {
        const keys = sent.map(({ key }) => key);
        this.isAway = !answer.reached || isPassing(answer.status);
        if (!answer.reached || isPassing(answer.status)) {
            for (const sending of sent) {
                const later = this.waiting.get(sending.key);
                this.waiting.set(sending.key, { ...sending, wanted: { ...sending.wanted, ...later?.wanted } });
            }
            this.parts.onStored(keys, (answer.reached ? sentenceIn(answer.body) : null) ?? this.parts.sentences.offline);
        } else if (answer.status === 200) {
            this.land(answer.body as SavedCellsProps);
        } else {
            this.parts.onRefused(keys, sentenceIn(answer.body) ?? this.parts.sentences.lost);
        }
    }

    private land(answer: SavedCellsProps): void {
        const typedAgain = new Set<string>();
        for (const { line, outcome, cell } of answer.cells) {
            const key = cellKey(line, cell.date);
            const later = this.waiting.get(key);
            if (later !== undefined) {
                typedAgain.add(key);
                this.waiting.set(key, outcome === 'saved' ? { ...later, seen: cell.version } : later);
            }
        }
        this.parts.onAnswer({
            ...answer,
            cells: answer.cells.filter(({ line, cell }) => !typedAgain.has(cellKey(line, cell.date))),
        });
    }

    private keep(): void {
        const all = [...this.flying, ...this.waiting.values()];
        this.parts.keep(all.length === 0 ? null : JSON.stringify(all));
    }
}
