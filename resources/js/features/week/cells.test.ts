import { describe, expect, it } from 'vitest';
import { cellKey, cellsOf, heldOf, isSaving, minutesOf, shownIn, unsavedCount, type Cell, type Typed } from './cells';
import { cell, line } from './fixtures';

const [monday, tuesday] = ['2026-06-15', '2026-06-16'];

describe('cells', () => {
    it('keep what was typed over them and is not saved when the sheet comes anew', () => {
        const before = cellsOf([line(1)]);
        const typed: Typed = { wanted: { hours: '1:60' }, status: 'refused', message: 'no' };
        const key = cellKey('1:', monday);
        const after = cellsOf([line(1, 'LENS', { [monday]: { minutes: 60 } })], {
            ...before,
            [key]: { saved: cell(monday), typed },
        });

        expect(after[key]).toMatchObject({ saved: { minutes: 60 }, typed });
        expect(after[cellKey('1:', tuesday)]?.typed).toBeNull();
    });

    it.each<[string, Typed | null, number | null, string]>([
        ['what is saved', null, 80, '1.33'],
        ['nothing', null, null, ''],
        ['what was typed, as typed', { wanted: { hours: '1:60' }, status: 'refused', message: '' }, 80, '1:60'],
        ['whole minutes as the person reads hours', { wanted: { hours: 90 }, status: 'saving' }, null, '1.5'],
        ['what is saved while only a note is on its way', { wanted: { note: 'x' }, status: 'saving' }, 80, '1.33'],
        ['that it is being cleared', { wanted: { hours: '' }, status: 'saving' }, 80, ''],
    ])('show %s', (_, typed, minutes, shown) => {
        expect(shownIn({ saved: cell(monday, { minutes }), typed }, 'decimal')).toBe(shown);
    });

    it('know what they held of the things that are wanted otherwise; clearing takes the notes along', () => {
        const held: Cell = { saved: cell(monday, { minutes: 80, note: 'bolts' }), typed: null };

        const onItsWay: Cell = { ...held, typed: { wanted: { hours: '2' }, status: 'saving' } };
        expect(heldOf(onItsWay, { hours: '3' }).hours).toBe('2');
        expect(heldOf(held, { note: 'nuts' })).toEqual({ note: 'bolts' });
        expect(heldOf(held, { hours: '' })).toEqual({
            hours: 80,
            note: 'bolts',
            clientNote: '',
            billable: true,
            fields: {},
            pay: {},
            chargeCode: '',
        });
        expect(heldOf(held, { fields: { place: 'home' } })).toEqual({ fields: { place: '' } });
        expect(heldOf(held, { pay: { overtime: '2' } })).toEqual({ pay: { overtime: '' } });
    });

    it('know the minutes that are on their way, for the next step', () => {
        const saving = (hours: string | number): Cell => ({
            saved: cell(monday, { minutes: 30 }),
            typed: { wanted: { hours }, status: 'saving' },
        });
        expect([
            minutesOf(saving(45)),
            minutesOf(saving('')),
            minutesOf(saving('1:30')),
            minutesOf({ saved: cell(monday), typed: null }),
        ]).toEqual([45, 0, 30, 0]);
    });

    it('count what is not saved apart from what is on its way', () => {
        const cells = (status: 'saving' | 'stored') => ({
            a: { saved: cell(monday), typed: { wanted: {}, status, message: '' } as Typed },
        });

        expect([unsavedCount(cells('saving')), isSaving(cells('saving'))]).toEqual([0, true]);
        expect([unsavedCount(cells('stored')), isSaving(cells('stored'))]).toEqual([1, false]);
    });
});
