import type { Answer } from '@/lib/http';
import { describe, expect, it, vi } from 'vitest';
import { saved, totals } from './fixtures';
import { Outbox, type Sending } from './outbox';

const monday = '2026-06-15';
const hours = (value: string, seen: number | null = null): Sending => ({ key: `1: ${monday}`, wanted: { hours: value }, seen });
const landed = (version: number | null, outcome: 'saved' | 'refused' | 'moved on' = 'saved'): Answer => ({
    reached: true,
    status: 200,
    body: { cells: [saved('1:', monday, { outcome, cell: { version } })], totals },
});

/** An outbox whose server answers when it is told to. */
function box() {
    const answers: ((answer: Answer) => void)[] = [];
    const sent: object[][] = [];
    let kept: string | null = null;
    const events = { onAnswer: vi.fn(), onKept: vi.fn(), onRefused: vi.fn() };
    const outbox = new Outbox({
        ...events,
        send: (cells) => {
            sent.push(cells);

            return new Promise((resolve) => answers.push(resolve));
        },
        keep: (text) => {
            kept = text;
        },
        words: { offline: 'away', lost: 'lost' },
    });
    const answer = async (said: Answer) => {
        answers.shift()?.(said);
        await new Promise((resolve) => setTimeout(resolve));
    };

    return { outbox, events, sent, answer, kept: () => kept };
}

describe('the outbox', () => {
    it('sends many cells in one request, and one request at a time', async () => {
        const { outbox, sent, answer } = box();
        outbox.add([hours('1'), { key: '2:7 2026-06-16', wanted: { hours: '2', note: 'n' }, seen: 4 }]);
        outbox.add([{ key: '3: 2026-06-17', wanted: { hours: '3' }, seen: null }]);
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
        const { outbox, events, sent, answer } = box();
        outbox.add([hours('1')]);
        outbox.add([hours('2')]);
        await answer(landed(1));
        expect(sent[1]).toEqual([{ task: 1, role: null, date: monday, seen: 1, hours: '2' }]);
        expect(events.onAnswer).toHaveBeenCalledWith({ cells: [], totals });
        await answer(landed(2));
        expect(outbox.isEmpty()).toBe(true);
    });

    it('keeps what the server did not get, says so, and sends it as it was typed last', async () => {
        const { outbox, events, sent, answer, kept } = box();
        outbox.add([hours('1', 5)]);
        outbox.add([hours('2', 5)]);
        await answer({ reached: false });
        expect(events.onKept).toHaveBeenCalledWith([`1: ${monday}`], 'away');
        expect(outbox.isEmpty()).toBe(false);
        expect(Outbox.readKept(kept())).toEqual([hours('2', 5)]);

        void outbox.flush();
        expect(sent[1]).toEqual([{ task: 1, role: null, date: monday, seen: 5, hours: '2' }]);
        await answer(landed(6));
        expect([outbox.isEmpty(), kept()]).toEqual([true, null]);
    });

    it.each([401, 419, 429, 500, 503])('tries again after status %i, in the words of the server', async (status) => {
        const { outbox, events, answer } = box();
        outbox.add([hours('1')]);
        await answer({ reached: true, status, body: { message: 'later' } });
        expect(events.onKept).toHaveBeenCalledWith([`1: ${monday}`], 'later');
        expect(outbox.isEmpty()).toBe(false);
    });

    it.each([403, 422])('gives up after status %i and says why', async (status) => {
        const { outbox, events, answer } = box();
        outbox.add([hours('1')]);
        await answer({ reached: true, status, body: null });
        expect(events.onRefused).toHaveBeenCalledWith([`1: ${monday}`], 'lost');
        expect(outbox.isEmpty()).toBe(true);
    });

    it('forgets what was taken back, and reads nothing from what was never kept', () => {
        const { outbox } = box();
        outbox.add([{ key: '3: x', wanted: {}, seen: null }]);
        outbox.add([hours('1')]);
        outbox.forget(`1: ${monday}`);
        expect(outbox.isEmpty()).toBe(false);
        expect(Outbox.readKept(null)).toEqual([]);
        expect(Outbox.readKept('{')).toEqual([]);
    });
});
