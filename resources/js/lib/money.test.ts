import { describe, expect, it } from 'vitest';
import { printMoney } from './money';

describe('money', () => {
    it.each([
        ['0.00', 'EUR 0.00'],
        ['7.30', 'EUR 7.30'],
        ['1234.50', 'EUR 1,234.50'],
        ['1234567.89', 'EUR 1,234,567.89'],
        ['-50.01', '−EUR 50.01'],
    ])('prints %s without ever reading it as a number', (amount, printed) => {
        expect(printMoney(amount, 'EUR')).toBe(printed);
    });

    it('leaves the currency out where the column says it', () => {
        expect(printMoney('1234.50', '')).toBe('1,234.50');
    });
});
