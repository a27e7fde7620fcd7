import { describe, expect, it } from 'vitest';
import { hoursWithUnit, printHours, signedHours, signedHoursWithUnit, typedHours } from './hours';

describe('hours', () => {
    it.each([
        [0, '0', '0:00'],
        [5, '0.08', '0:05'],
        [80, '1.33', '1:20'],
        [426, '7.1', '7:06'],
        [450, '7.5', '7:30'],
        [480, '8', '8:00'],
        [9600, '160', '160:00'],
        [179475, '2,991.25', '2,991:15'],
        [-30, '−0.5', '−0:30'],
        [3, '0.05', '0:03'],
        [1, '0.02', '0:01'],
    ])('prints %i minutes', (minutes, decimal, clock) => {
        expect(printHours(minutes, 'decimal')).toBe(decimal);
        expect(printHours(minutes, 'clock')).toBe(clock);
    });

    it.each([
        [0, '0', '0:00'],
        [80, '1.33', '1:20'],
        [-90, '-1.5', '-1:30'],
        [600, '10', '10:00'],
        // Printed it is grouped; typed it must read back.
        [74070, '1234.5', '1234:30'],
    ])('prints %i minutes for a field', (minutes, decimal, clock) => {
        expect(typedHours(minutes, 'decimal')).toBe(decimal);
        expect(typedHours(minutes, 'clock')).toBe(clock);
    });

    it('says the unit in a sentence and the sign of a difference', () => {
        expect(hoursWithUnit(90, 'decimal')).toBe('1.5\u00a0h');
        expect(hoursWithUnit(90, 'clock')).toBe('1:30');
        expect(signedHours(90, 'decimal')).toBe('+1.5');
        expect(signedHours(-90, 'decimal')).toBe('−1.5');
        expect(signedHours(0, 'decimal')).toBe('0');
        expect(signedHoursWithUnit(90, 'decimal')).toBe('+1.5\u00a0h');
        expect(signedHoursWithUnit(-90, 'clock')).toBe('−1:30');
    });
});
