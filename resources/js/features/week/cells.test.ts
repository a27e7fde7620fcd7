import type { LineProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { cellKey, cellsOf, changedCells, isOpen, isSaving, unsavedCount, type Cell } from './cells';

const line: LineProps = {
    key: '7:',
    task: 7,
    role: null,
    taskName: 'Lens survey',
    taskCode: 'LENS-SURVEY',
    projectCode: 'LANTERN',
    projectName: 'Skerrow lantern',
    phase: null,
    roleName: null,
    closedBecause: null,
    cells: [
        {
            date: '2026-06-15',
            minutes: 90,
            version: 3,
            state: 'draft',
            note: '',
            clientNote: '',
            returnWord: null,
            waitsFor: null,
            adjustments: [],
        },
    ],
};
const key = cellKey('7:', '2026-06-15');
const cells = cellsOf([line]);

function cell(from: typeof cells): Cell {
    const found = from[key];
    if (found === undefined) {
        throw new Error('no such cell');
    }

    return found;
}

describe('cells of a week', () => {
    it('keeps what was typed while it is sent and when it is refused', () => {
        const saving = changedCells(cells, { kind: 'typed', key, typed: { text: '2', status: 'saving' } });
        expect(isSaving(saving)).toBe(true);
        expect(unsavedCount(saving)).toBe(0);
        const refused = changedCells(saving, { kind: 'typed', key, typed: { text: '1:60', status: 'refused', message: 'no' } });
        expect(cell(refused).typed?.text).toBe('1:60');
        expect(cell(refused).saved.minutes).toBe(90);
        expect(unsavedCount(refused)).toBe(1);
    });

    it('takes over what the server saved, and its version', () => {
        const saved = {
            minutes: 120,
            version: 4,
            state: 'draft' as const,
            totals: { week: 0, days: [], approvedDays: [], lines: {}, projects: {}, states: {} },
        };
        const after = cell(changedCells(cells, { kind: 'saved', key, saved }));
        expect([after.saved.minutes, after.saved.version, after.typed]).toEqual([120, 4, null]);
    });

    it('restores, and adopts what is there now', () => {
        const moved = changedCells(cells, {
            kind: 'typed',
            key,
            typed: { text: '2', status: 'moved on', message: '', minutes: 60, version: 9 },
        });
        expect(cell(changedCells(moved, { kind: 'restored', key })).saved.version).toBe(3);
        expect(cell(changedCells(moved, { kind: 'adopted', key, minutes: null, version: null })).saved.state).toBeNull();
        expect(cell(changedCells(moved, { kind: 'adopted', key, minutes: 60, version: 9 })).saved.version).toBe(9);
    });

    it('leaves cells alone that are not there', () => {
        expect(changedCells(cells, { kind: 'restored', key: 'gone' })).toBe(cells);
    });

    it.each([
        ['draft', null, true],
        ['returned', null, true],
        [null, null, true],
        ['submitted', null, false],
        ['approved', null, false],
        ['settled', null, false],
        [null, 'closed', false],
    ] as const)('is open for %s on a line closed because %s: %s', (state, closedBecause, expected) => {
        const one = cell(cells);
        expect(isOpen({ ...line, closedBecause }, { ...one, saved: { ...one.saved, state } })).toBe(expected);
    });
});
