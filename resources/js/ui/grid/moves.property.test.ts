import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, movedBy, type GridPlace, type Size } from './moves';

const key = (name: string, held: Partial<{ ctrlKey: boolean; shiftKey: boolean }> = {}) => ({
    key: name,
    ctrlKey: false,
    metaKey: false,
    shiftKey: false,
    ...held,
});

/** Any grid, and a place in it. */
const anywhere = fc.record({ rows: fc.integer({ min: 1, max: 1000 }), columns: fc.integer({ min: 1, max: 31 }) }).chain((size) =>
    fc.record({
        size: fc.constant(size),
        place: fc.record({
            row: fc.integer({ min: 0, max: size.rows - 1 }),
            column: fc.integer({ min: 0, max: size.columns - 1 }),
        }),
    }),
);

const isInside = ({ row, column }: GridPlace, { rows, columns }: Size) =>
    row >= 0 && row < rows && column >= 0 && column < columns;

describe('moving in any grid', () => {
    it('never leads outside', () => {
        fc.assert(
            fc.property(
                anywhere,
                fc.constantFrom('ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End'),
                fc.boolean(),
                ({ size, place }, name, ctrlKey) => {
                    const to = movedBy(key(name, { ctrlKey }), place, size);
                    expect(to !== null && isInside(to, size)).toBe(true);
                },
            ),
        );
    });

    it('comes back by the opposite key, except at an edge', () => {
        fc.assert(
            fc.property(anywhere, ({ size, place }) => {
                for (const [there, back] of [
                    ['ArrowDown', 'ArrowUp'],
                    ['ArrowRight', 'ArrowLeft'],
                ] as const) {
                    const to = movedBy(key(there), place, size) ?? place;
                    const isAtEdge = to.row === place.row && to.column === place.column;
                    expect(isAtEdge ? place : movedBy(key(back), to, size)).toEqual(place);
                }
            }),
        );
    });

    it('passes every cell once by Tab, and leaves at the end', () => {
        fc.assert(
            fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 10 }), (rows, columns) => {
                const seen = new Set<string>();
                let place: GridPlace | null = { row: 0, column: 0 };
                while (place !== null) {
                    seen.add(`${String(place.row)} ${String(place.column)}`);
                    place = afterTyping(key('Tab'), place, { rows, columns });
                }
                expect(seen.size).toBe(rows * columns);
            }),
        );
    });

    it('is undone by Tab with Shift', () => {
        fc.assert(
            fc.property(anywhere, ({ size, place }) => {
                const next = afterTyping(key('Tab'), place, size);
                if (next !== null) {
                    expect(afterTyping(key('Tab', { shiftKey: true }), next, size)).toEqual(place);
                }
            }),
        );
    });
});
