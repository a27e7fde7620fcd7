import { describe, expect, it } from 'vitest';
import { commonScale, stretches } from './growth';

describe('growth against a mark', () => {
    it('lays approved, pending and remaining end to end from zero', () => {
        expect(stretches({ approved: 20, pending: 10, remaining: 30, mark: 100 }, 100)).toEqual([
            { texture: 'approved', from: 0, to: 20 },
            { texture: 'pending', from: 20, to: 30 },
            { texture: 'remaining', from: 30, to: 60 },
        ]);
    });

    it('crosses what lies past the mark, whatever it is made of', () => {
        expect(stretches({ approved: 90, pending: 20, remaining: 10, mark: 100 }, 200)).toEqual([
            { texture: 'approved', from: 0, to: 45 },
            { texture: 'pending', from: 45, to: 50 },
            { texture: 'over', from: 50, to: 60 },
        ]);
    });

    it('is nothing but past the mark where nothing is planned', () => {
        expect(stretches({ approved: 5, pending: 0, remaining: 0, mark: 0 }, 10)).toEqual([{ texture: 'over', from: 0, to: 50 }]);
    });

    it('draws nothing for nothing, and for negative parts', () => {
        expect(stretches({ approved: 0, pending: 0, remaining: 0, mark: 0 }, 0)).toEqual([]);
        expect(stretches({ approved: -5, pending: 0, remaining: 0, mark: 10 }, 10)).toEqual([]);
    });

    it('shares the largest of plans and forecasts as scale', () => {
        expect(
            commonScale([
                { approved: 1, pending: 1, remaining: 1, mark: 8 },
                { approved: 5, pending: 5, remaining: 2, mark: 4 },
            ]),
        ).toBe(12);
        expect(commonScale([])).toBe(1);
    });

    it('has nothing over where it is held against nothing', () => {
        expect(stretches({ approved: 60, pending: 30, remaining: 0, mark: null }, 120)).toEqual([
            { texture: 'approved', from: 0, to: 50 },
            { texture: 'pending', from: 50, to: 75 },
        ]);
    });
});
