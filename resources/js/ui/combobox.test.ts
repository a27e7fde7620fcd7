import { describe, expect, it } from 'vitest';
import { leftWith, ambiguousNames, optionTyped, placeAfter, withoutChosen } from './combobox';

const people = [
    { code: 'ada', name: 'Ada Lock' },
    { code: 'bo', name: 'Bo Quay' },
    { code: 'bo-2', name: 'Bo Quay' },
];

describe('combobox', () => {
    it.each([
        ['ArrowDown', 0, 3, 1],
        ['ArrowDown', 2, 3, 2],
        ['ArrowUp', 0, 3, 0],
        ['PageDown', 0, 3, 2],
        ['PageUp', 2, 3, 0],
        ['ArrowDown', 0, 0, null],
        ['a', 0, 3, null],
    ])('%s from %i of %i moves to %s', (key, at, count, expected) => {
        expect(placeAfter(key, at, count)).toBe(expected);
    });

    it.each([
        ['ada lock', 'ada'],
        [' ADA ', 'ada'],
        ['Bo Quay', null],
        ['bo-2', 'bo-2'],
        ['Ad', null],
        ['', null],
    ])('%j in full is %s', (typed, code) => {
        expect(optionTyped(typed, people)?.code ?? null).toBe(code);
    });

    it('offers what is not chosen yet and tells equal names apart', () => {
        expect(withoutChosen(people, [{ code: 'bo', name: 'Bo Quay' }]).map(({ code }) => code)).toEqual(['ada', 'bo-2']);
        expect([...ambiguousNames(people)]).toEqual(['Bo Quay']);
    });
});

describe('a field that is left', () => {
    const options = [
        { code: 'ada', name: 'Ada Lock' },
        { code: 'bo', name: 'Bo Quay' },
    ];

    it.each([
        [null, false, { kind: 'nothing' }],
        ['  ', false, { kind: 'cleared' }],
        ['ada lock ', false, { kind: 'chosen', option: options[0] }],
        ['bo', true, { kind: 'chosen', option: options[1] }],
        [' Cy ', true, { kind: 'new', option: { code: 'Cy', name: 'Cy', isNew: true }, typed: ' Cy ' }],
        ['Cy', false, { kind: 'unknown', typed: 'Cy' }],
    ] as const)('with %j (new ones taken: %s) holds %j', (typed, takesNew, left) => {
        expect(leftWith(typed, options, takesNew)).toEqual(left);
    });
});
