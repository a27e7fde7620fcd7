import { describe, expect, it, vi } from 'vitest';
import { CellElements } from './cellElements';

const cell = () => {
    const focus = vi.fn();

    return { element: { focus } as unknown as HTMLElement, focus };
};

describe('the elements of cells', () => {
    it('focuses the one at a place, as long as it is there', () => {
        const [elements, one] = [new CellElements(), cell()];
        const remove = elements.add({ row: 1, column: 2 }, one.element);
        expect(elements.focus({ row: 1, column: 2 })).toBe(true);
        expect(elements.focus({ row: 2, column: 1 })).toBe(false);
        remove();
        expect(elements.focus({ row: 1, column: 2 })).toBe(false);
        expect(one.focus).toHaveBeenCalledOnce();
    });

    it('keeps the newer of two at a place when the older one goes', () => {
        const [elements, older, newer] = [new CellElements(), cell(), cell()];
        const remove = elements.add({ row: 0, column: 0 }, older.element);
        elements.add({ row: 0, column: 0 }, newer.element);
        remove();
        expect(elements.focus({ row: 0, column: 0 })).toBe(true);
        expect(newer.focus).toHaveBeenCalledOnce();
    });

    it('has a row drawn that is out of sight, and focuses its cell then, once', () => {
        const [elements, far] = [new CellElements(), cell()];
        elements.reveal = vi.fn();
        expect(elements.focus({ row: 900, column: 0 })).toBe(false);
        expect(elements.reveal).toHaveBeenCalledWith(900);
        elements.add({ row: 899, column: 0 }, cell().element);
        elements.add({ row: 900, column: 0 }, far.element);
        elements.add({ row: 900, column: 0 }, far.element);
        expect(far.focus).toHaveBeenCalledOnce();
    });

    it('forgets what it waited for once another place is focused', () => {
        const [elements, near, far] = [new CellElements(), cell(), cell()];
        elements.reveal = vi.fn();
        elements.add({ row: 0, column: 0 }, near.element);
        elements.focus({ row: 900, column: 0 });
        elements.focus({ row: 0, column: 0 });
        elements.add({ row: 900, column: 0 }, far.element);
        expect(far.focus).not.toHaveBeenCalled();
    });
});
