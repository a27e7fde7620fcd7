import type { Answer } from '@/lib/http';
import { describe, expect, it, vi } from 'vitest';
import { saved, totals } from './fixtures';
import { SaveQueue, type Sending } from './saveQueue';

const monday = '2026-06-15';
const hours = (value: string, seen: number | null = null): Sending => ({ key: `1: ${monday}`, wanted: { hours: value }, seen });
const landed = (version: number | null, outcome: 'saved' | 'refused' | 'moved on' = 'saved'): Answer => ({
    reached: true,
    status: 200,
    body: { cells: [saved('1:', monday, { outcome, cell: { version } })], totals },
});

/** A queue whose server answers when it is told to. */
function box() {
    const answers: ((answer: Answer) => void)[] = [];
    const sent: object[][] = [];
    let stored: string | null = null;
    const events = { onAnswer: vi.fn(), onStored: vi.fn(), onRefused: vi.fn() };
    const queue = new SaveQueue({
        ...events,
        send: (cells) => {
            sent.push(cells);

            return new Promise((resolve) => answers.push(resolve));
        },
        keep: (text) => {
            stored = text;
        },
        sentences: { offline: 'away', lost: 'lost' },
    });
    const answer = async (said: Answer) => {
        answers.shift()?.(said);
        await new Promise((resolve) => setTimeout(resolve));
    };

    return { queue, events, sent, answer, stored: () => stored };
}

describe('the queue', () => {
    it('sends many cells in one request, and one request at a time', async () => {
        const { queue, sent, answer } = box();
        queue.add([hours('1'), { key: '2:7 2026-06-16', wanted: { hours: '2', note: 'n' }, seen: 4 }]);
        queue.add([{ key: '3: 2026-06-17', wanted: { hours: '3' }, seen: null }]);
        expect(sent).toEqual([
            [
                { task: 1, role: null, date: monday, seen: null, hours: '1' },
                { task: 2, role: 7, date: '2026-06-16', seen: 4, hours: '2', note: 'n' },
            ],
        ]);
        await answer(landed(1));
        expect(sent).toHaveLength(2);
    });

    it('sends a cell typed again with the version that its first saving brought, and shows only the last', async () => {
        const { queue, events, sent, answer } = box();
        queue.add([hours('1')]);
        queue.add([hours('2')]);
        await answer(landed(1));
        expect(sent[1]).toEqual([{ task: 1, role: null, date: monday, seen: 1, hours: '2' }]);
        expect(events.onAnswer).toHaveBeenCalledWith({ cells: [], totals });
        await answer(landed(2));
        expect(queue.isEmpty()).toBe(true);
    });

    it('keeps what the server did not get, says so, and sends it as it was typed last', async () => {
        const { queue, events, sent, answer, stored } = box();
        queue.add([hours('1', 5)]);
        queue.add([hours('2', 5)]);
        await answer({ reached: false });
        expect(events.onStored).toHaveBeenCalledWith([`1: ${monday}`], 'away');
        expect(queue.isEmpty()).toBe(false);
        expect(SaveQueue.readStored(stored())).toEqual([hours('2', 5)]);

        void queue.flush();
        expect(sent[1]).toEqual([{ task: 1, role: null, date: monday, seen: 5, hours: '2' }]);
        await answer(landed(6));
        expect([queue.isEmpty(), stored()]).toEqual([true, null]);
    });

    it.each([401, 419, 429, 500, 503])('tries again after status %i, in the words of the server', async (status) => {
        const { queue, events, answer } = box();
        queue.add([hours('1')]);
        await answer({ reached: true, status, body: { message: 'later' } });
        expect(events.onStored).toHaveBeenCalledWith([`1: ${monday}`], 'later');
        expect(queue.isEmpty()).toBe(false);
    });

    it.each([403, 422])('gives up after status %i and says why', async (status) => {
        const { queue, events, answer } = box();
        queue.add([hours('1')]);
        await answer({ reached: true, status, body: null });
        expect(events.onRefused).toHaveBeenCalledWith([`1: ${monday}`], 'lost');
        expect(queue.isEmpty()).toBe(true);
    });

    it('forgets what was taken back, and reads nothing from what was never stored', () => {
        const { queue } = box();
        queue.add([{ key: '3: x', wanted: {}, seen: null }]);
        queue.add([hours('1')]);
        queue.forget(`1: ${monday}`);
        expect(queue.isEmpty()).toBe(false);
        expect(SaveQueue.readStored(null)).toEqual([]);
        expect(SaveQueue.readStored('{')).toEqual([]);
    });
});
