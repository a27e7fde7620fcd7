import { describe, expect, it } from 'vitest';
import { saidAmount, shownAmount, typedAmount } from './amounts';

const inHours = { unit: null, format: 'decimal' } as const;
const inHalves = { unit: 'half_day', format: 'decimal' } as const;

describe('amounts', () => {
    it('are hours where hours are counted', () => {
        expect(shownAmount({ minutes: 450, count: null }, inHours)).toBe('7.5');
        expect(saidAmount({ minutes: 450, count: null }, inHours)).toBe('7.5\u00A0h');
        expect(typedAmount({ minutes: 450, count: null }, { unit: null, format: 'clock' })).toBe('7:30');
    });

    it('are days where days are counted, and hours with their unit where they are no whole part of one', () => {
        expect(shownAmount({ minutes: 240, count: '0.5' }, inHalves)).toBe('0.5');
        expect(shownAmount({ minutes: 200, count: null }, inHalves)).toBe('3.33\u00A0h');
        expect(saidAmount({ minutes: 480, count: '1' }, inHalves)).toBe('1\u00A0day');
        expect(saidAmount({ minutes: 5040, count: '10.5' }, inHalves)).toBe('10.5\u00A0days');
        expect(typedAmount({ minutes: 200, count: null }, inHalves)).toBe('');
    });

    it('are nothing where there is none', () => {
        expect(shownAmount({ minutes: 0, count: '0' }, inHalves)).toBe('');
        expect(typedAmount({ minutes: 0, count: null }, inHours)).toBe('');
    });
});
