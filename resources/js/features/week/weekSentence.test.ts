import { describe, expect, it } from 'vitest';
import { weekSentence } from './weekSentence';

describe('the sentence of a week', () => {
    it.each([
        [0, 2400, '0 h of 40 h owed are entered, 40 h still missing.'],
        [2399, 2400, '39.98 h of 40 h owed are entered, 0.02 h still missing.'],
        [2400, 2400, '40 h are entered, and that is all that is owed.'],
        [2430, 2400, '40.5 h are entered, 0.5 h more than the 40 h owed.'],
        [0, 0, 'Nothing is owed in this week; 0 h are entered.'],
        [60, 0, 'Nothing is owed in this week; 1 h are entered.'],
    ])('for %i of %i minutes', (entered, owed, sentence) => {
        expect(weekSentence(entered, owed, 'decimal').replaceAll('\u00a0', ' ')).toBe(sentence);
    });
});
