import { defaultRangeExtractor, useWindowVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useLayoutEffect, useRef, useState, type RefCallback } from 'react';
import type { GridBodyProps } from './GridBody';

interface DrawnRows {
    /** What the body of the table gives its element. */
    attach: RefCallback<HTMLTableSectionElement>;
    /** The rows to be drawn, each with how much room is left above it, in pixels. */
    rows: { index: number; above: number }[];
    /** Room for what is not drawn below them, in pixels. */
    below: number;
}

/** Which rows of a long table are drawn: those in sight, those around them, and the one that one is on. */
export function useVirtualRows({ count, heightOf, kept, elements }: Omit<GridBodyProps, 'keyOf' | 'children'>): DrawnRows {
    const body = useRef<HTMLTableSectionElement>(null);
    const attach = useCallback((element: HTMLTableSectionElement | null) => {
        body.current = element;
    }, []);
    const [top, setTop] = useState(0);
    const virtualizer = useWindowVirtualizer({
        count,
        // A row that comes a frame later is there before anybody reads it; drawing it at once would hold the scrolling up.
        useFlushSync: false,
        estimateSize: heightOf,
        overscan: 15,
        scrollMargin: top,
        rangeExtractor: (range) =>
            [...new Set([...defaultRangeExtractor(range), kept])].filter((row) => row < count).sort((one, other) => one - other),
    });
    useLayoutEffect(() => {
        setTop(Math.round((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY));
    }, [count]);
    useLayoutEffect(() => {
        elements.reveal = (row) => {
            virtualizer.scrollToIndex(row, { align: 'center' });
        };

        return () => {
            elements.reveal = null;
        };
    }, [elements, virtualizer]);
    const items = virtualizer.getVirtualItems();
    const ends = items.map(({ end }) => end);

    return {
        attach,
        rows: items.map(({ index, start }, at) => ({ index, above: start - (ends[at - 1] ?? top) })),
        below: Math.max(0, top + virtualizer.getTotalSize() - (ends.at(-1) ?? top)),
    };
}
