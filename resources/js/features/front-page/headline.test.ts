import { describe, expect, it } from 'vitest';
import { headline } from './headline';

const nothing = { entries: 0, people: 0, oldest: null, corrections: 0, expenses: 0, estimates: 0, leave: 0 };

describe('the day in a sentence', () => {
    it('says that nothing waits and nothing is wrong', () => {
        expect(headline(nothing, [])).toBe('Nothing waits for your decision. No project needs attention.');
    });

    it('counts what waits, whatever it is', () => {
        expect(headline({ ...nothing, entries: 3, corrections: 1, expenses: 2, estimates: 2, leave: 1 }, null)).toBe(
            '9 decisions wait for you.',
        );
        expect(headline({ ...nothing, estimates: 1 }, null)).toBe('One decision waits for you.');
    });

    it('says nothing of what somebody does not do', () => {
        expect(headline(null, [])).toBe('No project needs attention.');
        expect(headline(null, null)).toBe('');
    });
});
