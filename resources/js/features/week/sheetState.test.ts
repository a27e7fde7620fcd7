import { describe, expect, it } from 'vitest';
import { cellKey, type Wanted } from './cells';
import { cell, dates, line, proposal, saved, totals, week } from './fixtures';
import { changedSheet, stateOf } from './sheetState';

const [monday = '', tuesday = ''] = dates;
const [here, next] = [cellKey('1:', monday), cellKey('1:', tuesday)];
const start = stateOf(week([line(1)], [proposal('1:', monday, 60), proposal('1:', tuesday, 30)]));
const wanting = (wanted: Wanted) => changedSheet(start, { kind: 'wanted', wanted: new Map([[here, wanted]]) });

describe('a sheet', () => {
    it('takes pencil away where hours are typed over it, and nowhere else', () => {
        expect(Object.keys(wanting({ hours: '2' }).proposals)).toEqual([next]);
        expect(Object.keys(wanting({ note: 'bolts' }).proposals)).toEqual([here, next]);
    });

    it('has the new value once it is saved, and the corrections beside it as before', () => {
        const posted = { minutes: -30, corrects: '2026-06-01', note: '' };
        const before = stateOf(week([line(1, 'LENS', { [monday]: { adjustments: [posted] } })]));
        const answer = {
            cells: [saved('1:', monday, { cell: { minutes: 120, version: 1, state: 'draft' } })],
            totals: { ...totals, week: 120 },
        };
        const after = changedSheet(before, { kind: 'answered', answer });

        expect(after.cells[here]).toMatchObject({ saved: { minutes: 120, adjustments: [posted] }, typed: null });
        expect(after.totals.week).toBe(120);
    });

    it('keeps what was typed where it was refused, and says why', () => {
        const answer = { cells: [saved('1:', monday, { outcome: 'refused', message: 'no hours' })], totals };

        expect(changedSheet(wanting({ hours: '1:60' }), { kind: 'answered', answer }).cells[here]?.typed).toEqual({
            wanted: { hours: '1:60' },
            status: 'refused',
            message: 'no hours',
        });
    });

    it('shows both values where a cell has moved on, and takes theirs when asked to', () => {
        const current = { minutes: 180, version: 3, state: 'draft' } as const;
        const answer = { cells: [saved('1:', monday, { outcome: 'moved on', message: 'moved', cell: current })], totals };
        const moved = changedSheet(wanting({ hours: '5' }), { kind: 'answered', answer });
        expect(moved.cells[here]).toMatchObject({ saved: { minutes: null }, typed: { wanted: { hours: '5' }, current } });

        expect(changedSheet(moved, { kind: 'restored', key: here }).cells[here]).toMatchObject({ saved: current, typed: null });
    });

    it('keeps what cannot be sent, and rubs out what is asked', () => {
        expect(
            changedSheet(wanting({ hours: '2' }), { kind: 'stored', keys: [here], message: 'away' }).cells[here]?.typed,
        ).toMatchObject({ status: 'stored' });
        expect(Object.keys(changedSheet(start, { kind: 'rubbed out', keys: [here] }).proposals)).toEqual([next]);
    });

    it('comes anew without losing what is typed, and leaves cells alone that are not there', () => {
        const arrived = changedSheet(wanting({ hours: '2' }), { kind: 'arrived', sheet: week([line(1), line(2)]) });
        expect(arrived.lines).toHaveLength(2);
        expect(arrived.cells[here]?.typed).not.toBeNull();

        const answer = { cells: [saved('9:', monday)], totals };
        expect(changedSheet(start, { kind: 'answered', answer }).cells).toEqual(start.cells);
        expect(cell(monday).minutes).toBeNull();
    });
});
