import type { QuickReadingProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { cellsOf } from './cells';
import { line } from './fixtures';
import { previewOf, replacedBy, wantedBy } from './quickLine';

const [monday, tuesday] = ['2026-06-15', '2026-06-16'];
const cells = cellsOf([line(1, 'LENS', { [monday]: { minutes: 60, version: 1, state: 'draft' } })]);
const task = {
    task: 1,
    role: null,
    line: '1:',
    taskName: 'Survey',
    taskCode: 'S',
    projectCode: 'L',
    projectName: 'Lens',
    chargeCode: null,
    roleName: null,
    group: 'mine' as const,
};
const reading: QuickReadingProps = {
    task,
    candidates: [],
    days: [monday, tuesday],
    minutes: 90,
    adds: false,
    note: '',
    message: null,
    times: null,
    starts: false,
};

describe('a quick line', () => {
    it('wants its hours on each of its days, with its note', () => {
        expect([...wantedBy({ ...reading, note: 'bolts' }, cells)]).toEqual([
            [`1: ${monday}`, { hours: 90, note: 'bolts' }],
            [`1: ${tuesday}`, { hours: 90, note: 'bolts' }],
        ]);
        expect(replacedBy(reading, cells)).toBe(60);
    });

    it('adds to what is there where it says so', () => {
        expect([...wantedBy({ ...reading, adds: true }, cells).values()]).toEqual([{ hours: 150 }, { hours: 90 }]);
        expect(replacedBy({ ...reading, adds: true }, cells)).toBeNull();
    });

    it('is shown in pencil, and not at all while no task is known', () => {
        expect(Object.keys(previewOf(reading))).toEqual([`1: ${monday}`, `1: ${tuesday}`]);
        expect(previewOf({ ...reading, task: null })).toEqual({});
        expect(previewOf(null)).toEqual({});
        expect(wantedBy({ ...reading, task: null }, cells).size).toBe(0);
    });
});
