import { describe, expect, it } from 'vitest';
import { pastedPeople } from './pastedPeople';

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
