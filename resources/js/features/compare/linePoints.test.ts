import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linePoints, mostOf } from './linePoints';

describe('the points of a line', () => {
    it('go from the left to the right, nothing at the foot and the most at the head', () => {
        expect(linePoints([0, 30, 60], 60, 100, 40)).toBe('0,40 50,20 100,0');
        expect(linePoints([60], 60, 100, 40)).toBe('0,0');
        expect(linePoints([], 60, 100, 40)).toBe('');
        expect(linePoints([-30, 60], 60, 100, 40)).toBe('0,40 100,0');
    });

    it('stay in their box', () => {
        fc.assert(
            fc.property(fc.array(fc.integer({ min: -1000, max: 100_000 }), { minLength: 1, maxLength: 60 }), (minutes) => {
                const most = mostOf([{ name: '', actual: minutes, planned: [] }]);
                for (const point of linePoints(minutes, most, 200, 50).split(' ')) {
                    const [x = NaN, y = NaN] = point.split(',').map(Number);
                    expect(x >= 0 && x <= 200 && y >= 0 && y <= 50).toBe(true);
                }
            }),
        );
    });
});
