import { describe, expect, it } from 'vitest';
import { pastedPeople, withCells } from './pastedPeople';

const read = (text: string) => pastedPeople(text, '2026-06-17', 'en-GB');

describe('people from a spreadsheet', () => {
    it('are read in the order of the columns', () => {
        expect(read('Wyn Gale\twyn@a.example\tField\tLee Tor\tSurveyor\tmanager\t1/7/2026')).toEqual([
            {
                name: 'Wyn Gale',
                email: 'wyn@a.example',
                team: 'Field',
                manager: 'Lee Tor',
                role: 'Surveyor',
                access: 'manager',
                startsOn: '2026-07-01',
            },
        ]);
    });

    it('are read by their headings, where they have them', () => {
        expect(read('Email address\tName\tLine manager\nwyn@a.example\tWyn Gale\tLee Tor\nuna@a.example\tUna Rook')).toEqual([
            { name: 'Wyn Gale', email: 'wyn@a.example', manager: 'Lee Tor' },
            { name: 'Una Rook', email: 'una@a.example' },
        ]);
    });

    it('keep a day that cannot be read, so that it is said', () => {
        expect(read('name\tfirst day\nWyn\tsome day')).toEqual([{ name: 'Wyn', startsOn: 'some day' }]);
        expect(read('')).toEqual([]);
    });
});

describe('people whose cells are typed over', () => {
    const people = [{ name: 'Ada', email: 'ada' }, { name: 'Bo' }];

    it('take what was typed, and leave the other rows the same', () => {
        const after = withCells(people, [{ row: 0, column: 1, value: 'ada@fenlight.example' }], '2026-06-17', 'en-GB');
        expect(after).toEqual([{ name: 'Ada', email: 'ada@fenlight.example' }, { name: 'Bo' }]);
        expect(after[1]).toBe(people[1]);
    });

    it('are the same where nothing changes, also in a cell without a value', () => {
        const cells = [
            { row: 1, column: 0, value: 'Bo' },
            { row: 1, column: 2, value: '' },
            { row: 4, column: 2, value: '' },
        ];
        expect(withCells(people, cells, '2026-06-17', 'en-GB')).toBe(people);
    });

    it('become more below the last row', () => {
        expect(withCells(people, [{ row: 3, column: 0, value: 'Di' }], '2026-06-17', 'en-GB')).toEqual([
            ...people,
            {},
            { name: 'Di' },
        ]);
    });

    it('have days that can be read as such, and others as they are typed', () => {
        const typed = (value: string) => withCells(people, [{ row: 1, column: 6, value }], '2026-06-17', 'en-GB')[1]?.startsOn;
        expect([typed('1 jul'), typed('soon')]).toEqual(['2026-07-01', 'soon']);
    });
});
