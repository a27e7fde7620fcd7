import type { FiguresProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { growthOf, growthLabel, verdict } from './growthOf';

const figures: FiguresProps = {
    planned: 480 * 60,
    actual: 400 * 60,
    pending: 12 * 60,
    remaining: 96 * 60,
    forecast: 508 * 60,
    variance: 28 * 60,
    variancePercentage: '5.8',
    money: null,
};

describe('figures as growth', () => {
    it('takes the plan as the mark', () => {
        expect(growthOf(figures)).toEqual({ approved: 24000, pending: 720, remaining: 5760, mark: 28800 });
    });

    it('says the same in words and names what is over', () => {
        expect(growthLabel(figures, 'decimal')).toBe(
            '400\u00a0h approved, 12\u00a0h pending, 96\u00a0h remaining, 480\u00a0h planned, 28\u00a0h over plan',
        );
        expect(growthLabel({ ...figures, variance: 0 }, 'decimal')).not.toContain('over');
    });

    it.each([
        [1680, '28\u00a0h over plan'],
        [-90, '1.5\u00a0h under plan'],
        [0, 'as planned'],
    ])('says how %i minutes of variance stand', (variance, words) => {
        expect(verdict(variance, 'decimal')).toBe(words);
    });
});
