import { expect, test } from 'vitest';
import { countWords } from './counts';

const nothing = { file: 'people.csv', rows: 0, new: 0, changed: 0, same: 0, gone: 0, wrong: 0 };

test.each([
    [{}, ''],
    [{ rows: 1 }, 'one row'],
    [{ rows: 1200 }, '1,200 rows'],
    [{ new: 2, changed: 1, same: 40, gone: 3 }, '2 new, 1 changed, 3 gone, 40 unchanged'],
    [{ wrong: 7 }, '7 wrong'],
])('%j', (given, words) => {
    expect(countWords({ ...nothing, ...given })).toBe(words);
});
