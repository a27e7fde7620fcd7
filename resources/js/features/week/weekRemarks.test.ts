import { describe, expect, it } from 'vitest';
import { cellsOf } from './cells';
import { clientNotesPencilled } from './clientNotes';
import { cell, line } from './fixtures';
import { groupedOffers, optionAfter } from './offers';
import { overtimeOf, recordedByOthers } from './weekRemarks';

const day = {
    date: '2026-06-15',
    expected: 240,
    isWorkingDay: true,
    isToday: false,
    holiday: null,
    absences: [{ kind: 'Leave', minutes: 240, isPencilled: false }],
};

describe('remarks on a week', () => {
    it('name hours beyond what a holiday or an absence leaves', () => {
        expect(overtimeOf(day, 241)).toEqual({ minutes: 1, reason: 'Leave' });
        expect(overtimeOf(day, 240)).toBeNull();
        expect(overtimeOf({ ...day, holiday: 'Harbour Day', expected: 0 }, 60)).toEqual({ minutes: 60, reason: 'Harbour Day' });
        expect(overtimeOf({ ...day, absences: [] }, 600)).toBeNull();
        expect(overtimeOf({ ...day, expected: null, holiday: 'Harbour Day' }, 60)).toBeNull();
    });

    it('name who else recorded, how much and when', () => {
        const by = (date: string, recordedBy: string | null, minutes = 60) => cell(date, { recordedBy, minutes });
        expect(recordedByOthers([by('2026-06-17', 'Kit'), by('2026-06-15', 'Kit'), by('2026-06-15', null)])).toEqual([
            { name: 'Kit', minutes: 120, dates: ['2026-06-15', '2026-06-17'] },
        ]);
    });

    it('gather the notes for the client that are only pencilled', () => {
        const cells = cellsOf([line(1, 'LENS', { '2026-06-16': { proposedClientNote: 'Lens, survey' } })]);
        expect([...clientNotesPencilled(cells)]).toEqual([['1: 2026-06-16', { clientNote: 'Lens, survey' }]]);
    });

    it('group tasks on offer by why they are, until something is searched', () => {
        const offer = (task: number, group: 'recent' | 'mine') =>
            ({ task, line: `${task}:`, group }) as Parameters<typeof groupedOffers>[1][number];
        const offers = [offer(1, 'recent'), offer(2, 'recent'), offer(3, 'mine')];
        expect(groupedOffers(new Set(), offers, false).map(({ group, offers: some }) => [group, some.length])).toEqual([
            ['recent', 2],
            ['mine', 1],
        ]);
        expect(groupedOffers(new Set(['1:', '2:']), offers, false).map(({ group }) => group)).toEqual(['mine']);
        expect(groupedOffers(new Set(['1:']), offers, true)).toEqual([{ group: null, offers }]);
    });

    it.each([
        ['ArrowDown', 0, 2, 1],
        ['ArrowDown', 1, 2, 1],
        ['ArrowUp', 0, 2, 0],
        ['ArrowDown', 0, 0, null],
        ['Enter', 0, 2, null],
    ])('step through what is on offer: %s from %i of %i', (key, at, count, to) => {
        expect(optionAfter(key, at, count)).toBe(to);
    });
});
