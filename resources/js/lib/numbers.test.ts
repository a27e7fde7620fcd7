import { describe, expect, it } from 'vitest';
import { decimalSeparator, printList, printNumber, printPercent } from './numbers';

describe('numbers in British English', () => {
    it('are grouped', () => {
        expect([printNumber(0), printNumber(1234567)]).toEqual(['0', '1,234,567']);
    });

    it.each([
        ['15.0', '15.0'],
        ['-7.5', '−7.5'],
        ['12345.6', '12,345.6'],
        ['0.0', '0.0'],
    ])('percent %s', (decimal, printed) => {
        expect(printPercent(decimal)).toBe(printed);
    });

    it('stand in a list', () => {
        expect([printList([]), printList(['north']), printList(['north', 'south', 'east'])]).toEqual([
            '',
            'north',
            'north, south, east',
        ]);
    });

    it('are parted by a point', () => {
        expect(decimalSeparator).toBe('.');
    });
});
