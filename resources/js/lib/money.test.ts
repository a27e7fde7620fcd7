import { describe, expect, it } from 'vitest';
import { printAmount, printCents, printMoney } from './money';

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

describe('cents', () => {
    it.each([
        [0, 'EUR 0.00'],
        [5, 'EUR 0.05'],
        [-5, '−EUR 0.05'],
        [123456789, 'EUR 1,234,567.89'],
    ])('%i', (cents, printed) => {
        expect(printCents(cents, 'EUR')).toBe(printed);
    });
});

describe('amounts of other currencies', () => {
    it('have the places of their currency', () => {
        expect(printAmount('1500', 'JPY')).toBe('JPY 1,500');
        expect(printAmount('-12.350', 'KWD')).toBe('−KWD 12.350');
        expect(printAmount('0.05', '')).toBe('0.05');
    });
});
