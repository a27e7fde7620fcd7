import { describe, expect, it } from 'vitest';
import { pluralsOf } from './plural';

describe('plurals', () => {
    const forms = { one: 'one entry', two: '# entries (two)', few: '# entries (few)', other: '# entries' };

    it.each([
        ['en', 0, '0 entries'],
        ['en', 1, 'one entry'],
        ['en', 2, '2 entries'],
        ['en', 1234, '1,234 entries'],
        ['pl', 3, '3 entries (few)'],
        ['pl', 5, '5 entries'],
        ['ar', 2, '2 entries (two)'],
        ['ja', 1, '1 entries'],
    ])('in %s of %i', (language, count, sentence) => {
        expect(pluralsOf(language)(count, forms)).toBe(sentence);
    });
});
