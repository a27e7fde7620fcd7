import { describe, expect, it } from 'vitest';
import { weekSentence } from './weekSentence';

describe('the sentence of a week', () => {
    it.each([
        [0, 2400, '0 h of the expected 40 h entered; 40 h missing.'],
        [2399, 2400, '39.98 h of the expected 40 h entered; 0.02 h missing.'],
        [2400, 2400, '40 h entered; nothing is missing.'],
        [2430, 2400, '40.5 h entered, 0.5 h more than the expected 40 h.'],
        [0, 0, 'No hours are expected in this week; 0 h entered.'],
        [60, 0, 'No hours are expected in this week; 1 h entered.'],
    ])('for %i of %i minutes', (entered, expected, sentence) => {
        expect(weekSentence(entered, expected, 'decimal').replaceAll('\u00a0', ' ')).toBe(sentence);
    });
});
