import { createContext, useCallback, useContext, type RefCallback } from 'react';
import { CellElements } from './cellElements';

/** The elements of the grid that a cell stands in. */
export const GridElements = createContext(new CellElements());

/** What a cell gives its element as `ref`, so that the grid can focus it. */
export function useCellRef(row: number, column: number): RefCallback<HTMLElement> {
    const elements = useContext(GridElements);

    return useCallback(
        (element) => (element === null ? undefined : elements.add({ row, column }, element)),
        [elements, row, column],
    );
}
