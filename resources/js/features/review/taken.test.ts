import type { DecisionEffectProps, WaitingCellProps, WaitingSheetProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { deskAddress } from './address';
import { entriesAt, outcomesOf, projectsOf, toggled } from './taken';

function cell(id: number, minutes: number, cost: number | null): WaitingCellProps {
    return {
        id,
        version: 1,
        date: '2026-06-16',
        minutes,
        needsAttention: false,
        note: '',
        clientNote: '',
        recordedBy: null,
        cost,
    };
}

function sheet(lines: Record<string, WaitingCellProps[]>): WaitingSheetProps {
    return {
        key: 'ada 2026-W25',
        personCode: 'ada',
        personName: 'Ada Moor',
        week: '2026-W25',
        number: 25,
        isWhole: true,
        expected: 0,
        entered: 0,
        minutes: 0,
        days: [16, 17].map((day) => ({
            date: `2026-06-${day}`,
            expected: null,
            isWorkingDay: true,
            isToday: false,
            holiday: null,
            absences: [],
        })),
        findings: [],
        answers: [],
        fields: [],
        pay: '',
        standingInFor: [],
        lines: Object.entries(lines).map(([projectCode, cells]) => ({
            key: projectCode,
            taskName: projectCode,
            projectCode,
            projectName: projectCode,
            roleName: null,
            billable: true,
            chargeCode: null,
            decided: 0,
            then: [],
            cells,
        })),
    };
}

function project(code: string): DecisionEffectProps {
    return { code, name: code, planned: 0, actual: 0, forecast: 0, actualCost: 0, budget: null, currency: 'EUR' };
}

describe('taking cells', () => {
    it('takes what is not taken, and leaves out what all is', () => {
        expect([...toggled(new Set([1]), [1, 2])]).toEqual([1, 2]);
        expect([...toggled(new Set([1, 2, 3]), [1, 2])]).toEqual([3]);
    });
});

describe('the entries of a selection', () => {
    const two = sheet({ LENS: [cell(1, 60, null), { ...cell(2, 30, null), date: '2026-06-17' }], WEIR: [cell(3, 90, null)] });

    it('are those of its cells, of whole lines in the first column, and each once', () => {
        expect(entriesAt(two, [{ row: 0, column: 2 }])).toEqual([2]);
        expect(entriesAt(two, [{ row: 1, column: 2 }])).toEqual([]);
        expect(
            entriesAt(
                two,
                [0, 1, 2].map((column) => ({ row: 0, column })),
            ),
        ).toEqual([1, 2]);
        expect(entriesAt(two, [{ row: 7, column: 0 }])).toEqual([]);
    });
});

describe('what would become of projects', () => {
    const weir = sheet({ LENS: [cell(1, 60, 500), cell(2, 30, null)], WEIR: [cell(3, 90, 100)] });

    it('adds up what is taken, by project', () => {
        const outcomes = outcomesOf(weir, new Set([1, 2]), [project('LENS'), project('WEIR')]);

        expect(outcomes.map(({ project: { code }, minutes, cents, unrated }) => [code, minutes, cents, unrated])).toEqual([
            ['LENS', 90, 500, 30],
        ]);
    });

    it('names each project once', () => {
        expect(projectsOf([weir, weir])).toEqual(['LENS', 'WEIR']);
    });
});

describe('the address of a view', () => {
    it('says only what is not usual', () => {
        expect(deskAddress({ by: 'person', show: 'all', search: '' })).toBe('/review');
        expect(deskAddress({ by: 'week', show: 'in order', search: 'weir gate', open: '2026-06-15', page: 2, sheets: 3 })).toBe(
            '/review?by=week&show=in+order&search=weir+gate&open=2026-06-15&page=2&sheets=3',
        );
    });
});
