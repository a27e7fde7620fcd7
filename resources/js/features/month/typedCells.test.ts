import { describe, expect, it } from 'vitest';
import { answered, cellKey, withoutRefused, withoutSaved, withTyped } from './typedCells';

const [one, other] = [cellKey('7:', '2026-06-17'), cellKey('7:', '2026-06-18')];

describe('typed cells', () => {
    it('are saved or refused by the answer, and gone once the page has come anew', () => {
        const typed = withTyped(
            {},
            new Map([
                [one, '0.5'],
                [other, '2'],
            ]),
        );
        const after = answered(
            typed,
            new Map([
                [one, '0.5'],
                [other, '2'],
            ]),
            new Map([[other, 'Enter at most 1.']]),
        );

        expect(after[one]).toEqual({ text: '0.5', status: 'saved', message: '' });
        expect(withoutRefused(after, other)).toEqual({ [one]: after[one] });
        expect(withoutRefused(after, one)).toEqual(after);
        expect(withoutSaved(after)).toEqual({ [other]: { text: '2', status: 'refused', message: 'Enter at most 1.' } });
    });

    it('keep what was typed over while the earlier text was on its way', () => {
        const typed = withTyped(withTyped({}, new Map([[one, '1']])), new Map([[one, '0.5']]));

        expect(withoutSaved(answered(typed, new Map([[one, '1']]), new Map()))).toEqual({
            [one]: { text: '0.5', status: 'waiting', message: '' },
        });
    });
});
