import { describe, expect, it } from 'vitest';
import { keysWith } from './keysWith';

const groups = [
    [
        'Moving',
        [
            ['arrows', 'one cell'],
            ['p, n', 'previous, next entry'],
        ],
    ],
    [
        'Inking',
        [
            ['i', 'the cell or block'],
            ['l', 'the line'],
        ],
    ],
] as const;

describe('the search of keys', () => {
    it.each([
        ['', ['arrows', 'p, n', 'i', 'l']],
        ['CELL', ['arrows', 'i']],
        ['inking', ['i', 'l']],
        ['ink line', ['l']],
        ['ctrl', []],
    ])('%j finds %j', (search, expected) => {
        expect(keysWith(groups, search).flatMap(([, keys]) => keys.map(([key]) => key))).toEqual(expected);
    });
});
