import { describe, expect, it } from 'vitest';
import { cellsOf } from './cells';
import { entriesAsked, fieldsOf } from './fieldsOfEntries';
import { cell, line } from './fixtures';

describe('own fields of entries', () => {
    it('hold what is on its way before what is saved', () => {
        const saved = cell('2026-06-15', { minutes: 60, fields: { place: 'home', miles: '3' } });

        expect(fieldsOf({ saved, typed: null })).toEqual({ place: 'home', miles: '3' });
        expect(fieldsOf({ saved, typed: { wanted: { fields: { place: 'client' } }, status: 'saving' } })).toEqual({
            place: 'client',
            miles: '3',
        });
        expect(fieldsOf({ saved, typed: { wanted: { fields: { place: 'x' } }, status: 'refused', message: '' } })).toEqual({
            place: 'home',
            miles: '3',
        });
    });

    it('are asked of open entries of lines that ask them', () => {
        const entered = { minutes: 60, isOpen: true };
        const lines = [
            {
                ...line(1, 'LENS', {
                    '2026-06-15': { ...entered, fields: { place: 'home' } },
                    '2026-06-16': entered,
                    '2026-06-17': { ...entered, isOpen: false },
                }),
                fields: ['place'],
            },
            { ...line(2, 'LENS', { '2026-06-15': { ...entered, fields: { place: 'client' } } }), fields: ['place'] },
            line(3, 'LENS', { '2026-06-15': entered }),
        ];
        const cells = cellsOf(lines);

        expect(entriesAsked(lines, cells, 'place', 'home', '2026-06-15')).toEqual(['2: 2026-06-15']);
        expect(entriesAsked(lines, cells, 'place', 'home', null)).toEqual(['1: 2026-06-16', '2: 2026-06-15']);
    });
});
