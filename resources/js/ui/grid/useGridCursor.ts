import { useStable } from '@/lib/useStable';
import { useLayoutEffect, useRef, useState } from 'react';
import { blockBetween, isSingle, type Block } from './block';
import { CellElements } from './cellElements';
import { within, type GridPlace, type Size } from './moves';

/** Where one is in a grid, and what is selected. */
export interface GridCursor {
    place: GridPlace;
    block: Block;
    hasBlock: boolean;
    elements: CellElements;
    /** Goes to a place and takes the focus there, or takes the block along. */
    go: (place: GridPlace, extend?: boolean) => void;
    /** Selects a block and goes to its end. */
    select: (block: Block) => void;
    /** Goes to a place without taking the focus. */
    stay: (place: GridPlace) => void;
}

/** Moves through a grid of a size that may change under it: one stays inside. */
export function useGridCursor(size: Size, first: GridPlace): GridCursor {
    const [at, setAt] = useState<{ place: GridPlace; anchor: GridPlace | null }>({ place: first, anchor: null });
    const [elements] = useState(() => new CellElements());
    // Taken once the place is drawn: rows may have moved with it.
    const takesFocus = useRef(false);
    const place = within(at.place, size);
    const block = blockBetween(within(at.anchor ?? place, size), place);
    useLayoutEffect(() => {
        if (takesFocus.current) {
            takesFocus.current = false;
            elements.focus(place);
        }
    });

    return {
        place,
        block,
        hasBlock: !isSingle(block),
        elements,
        go: useStable((to, extend = false) => {
            setAt({ place: to, anchor: extend ? (at.anchor ?? place) : null });
            takesFocus.current = true;
        }),
        select: useStable(({ top, left, bottom, right }) => {
            setAt({ place: { row: bottom, column: right }, anchor: { row: top, column: left } });
            takesFocus.current = true;
        }),
        stay: useStable((to) => {
            // Taking the focus reports back here; a block selected on the way there stays.
            setAt((before) =>
                before.place.row === to.row && before.place.column === to.column ? before : { place: to, anchor: null },
            );
        }),
    };
}
