import type { GridPlace } from './moves';

/** The cell of the grid that an event happened in or on. */
export function cellAround(target: EventTarget): HTMLElement | null {
    return target instanceof Element ? target.closest<HTMLElement>('[data-place]') : null;
}

/** Where it stands. */
export function placeOf(cell: HTMLElement | null): GridPlace | null {
    const [row, column] = (cell?.dataset.place ?? '').split(' ').map(Number);

    return row === undefined || column === undefined ? null : { row, column };
}

/** Whether the event is the cell's own, and not that of a field or button within it. */
export function isOfCell(target: EventTarget): boolean {
    return cellAround(target) === target;
}
