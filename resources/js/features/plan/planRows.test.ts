import type { PlanTaskProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { columnsOf, fieldOf, freshIn, isOpen, knownIn, linesOf, rowsOf, textOf } from './planRows';

const risk = { code: 'risk', name: 'Risk', kind: 'choice' as const, isRequired: false, choices: [] };
const task: PlanTaskProps = {
    id: 7,
    code: 'FIT',
    name: 'Fit the lens',
    phase: null,
    own: null,
    planned: 1920,
    assigned: 1920,
    budget: '5000.00',
    startsOn: null,
    endsOn: null,
    chargeCode: null,
    doneOn: null,
    isRecordedOn: false,
    compared: null,
    fields: { risk: 'High' },
    gone: [],
    assignments: [
        {
            ids: [3],
            assignee: 'person:ada',
            assigneeName: 'Ada Moor',
            person: 'ada',
            isByDay: false,
            role: 'surveyor',
            planned: 1200,
            startsOn: '2026-06-15',
            endsOn: '2026-06-26',
            compared: null,
            byDay: {},
        },
        {
            ids: [4, 5],
            assignee: 'person:bo',
            assigneeName: 'Bo Carr',
            person: 'bo',
            isByDay: true,
            role: null,
            planned: 720,
            startsOn: '2026-06-15',
            endsOn: '2026-06-17',
            compared: null,
            byDay: { '2026-06-15': 360, '2026-06-17': 360 },
        },
    ],
};
const rows = rowsOf([task]);
const columns = columnsOf({ seesMoney: true, taskFields: [risk] });

describe('rows of a plan', () => {
    it('are the task and those on it, known by what the server calls them', () => {
        expect(rows.map(({ key }) => key)).toEqual(['t7', 'a3', 'a4-5']);
    });

    it('hide the budget from who must not see money', () => {
        expect(columnsOf({ seesMoney: false, taskFields: [] }).map(({ key }) => key)).not.toContain('budget');
    });

    it.each([
        [0, 'planned', ''],
        [0, 'budget', '5000.00'],
        [0, 'own:risk', 'High'],
        [0, 'own:other', ''],
        [1, 'assignee', 'Ada Moor'],
        [1, 'planned', '20'],
        [2, 'role', ''],
        [2, 'endsOn', '2026-06-17'],
    ] as const)('row %i holds in %s “%s”', (index, field, text) => {
        const row = rows[index];
        expect(row === undefined ? null : textOf(row, field, 'decimal')).toBe(text);
    });

    it('leave hours given by day to the days', () => {
        const [, even, byDay] = rows;
        const open = columns.map((column) => [even, byDay].map((row) => row !== undefined && isOpen(row, fieldOf(row, column))));
        expect(open).toEqual([
            [true, true],
            [true, true],
            [false, false],
            [true, false],
            [false, false],
            [true, false],
            [true, false],
            [false, false],
            [false, false],
        ]);
    });

    it('can be put back as lines', () => {
        const [whole, even] = rows;
        expect(whole === undefined ? [] : linesOf(whole, 'decimal').map((line) => line.who ?? line.task)).toEqual([
            'Fit the lens',
            'person:ada',
            'person:bo',
        ]);
        expect(even === undefined ? [] : linesOf(even, 'decimal')[0]).toMatchObject({
            code: 'FIT',
            role: 'surveyor',
            planned: '20',
        });
    });
});

describe('what came new', () => {
    const other = { ...task, id: 8, assignments: [] };

    it('is nothing where the plan is as it was', () => {
        expect(freshIn({ tasks: [task] }, knownIn({ tasks: [task] }))).toEqual([]);
    });

    it('is a whole task, or who is on one that was there', () => {
        expect(freshIn({ tasks: [task, other] }, knownIn({ tasks: [task] }))).toEqual([{ task: 8 }]);
        const before = { ...task, assignments: task.assignments.slice(0, 1) };
        expect(freshIn({ tasks: [task] }, knownIn({ tasks: [before] }))).toEqual([{ assignments: [4, 5] }]);
    });

    it('is what stands in the place of rows that were about to be others, under whichever id', () => {
        expect(freshIn({ tasks: [task] }, knownIn({ tasks: [task] }, [4, 5]))).toEqual([{ assignments: [4, 5] }]);
    });
});
