import { defaultRangeExtractor, useWindowVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useLayoutEffect, useRef, useState, useSyncExternalStore, type RefCallback } from 'react';
import type { CellElements } from './cellElements';

/** More rows than any screen shows; fewer are all drawn, so that the browser's own search finds everything. */
const SCREENFUL = 80;

interface VirtualRows {
    count: number;
    /** How high a row is about to be, in pixels. */
    heightOf: (row: number) => number;
    /** The row one is on, which stays drawn wherever one scrolls to. */
    kept: number;
    elements: CellElements;
}

export interface DrawnRows {
    /** What the body of the table gives its element. */
    attach: RefCallback<HTMLTableSectionElement>;
    /** The rows to be drawn, each with how much room is left above it, in pixels. */
    rows: { index: number; above: number }[];
    /** Room for what is not drawn below them, in pixels. */
    below: number;
    isVirtual: boolean;
}

function subscribeToPrint(onChange: () => void): () => void {
    const media = window.matchMedia('print');
    media.addEventListener('change', onChange);

    return () => {
        media.removeEventListener('change', onChange);
    };
}

/** Which rows of a long table are drawn: those in sight, those around them, and the one that one is on. On paper, all. */
export function useVirtualRows({ count, heightOf, kept, elements }: VirtualRows): DrawnRows {
    const body = useRef<HTMLTableSectionElement>(null);
    const attach = useCallback((element: HTMLTableSectionElement | null) => {
        body.current = element;
    }, []);
    const [top, setTop] = useState(0);
    const isPrinting = useSyncExternalStore(
        subscribeToPrint,
        () => window.matchMedia('print').matches,
        () => false,
    );
    const isVirtual = count > SCREENFUL && !isPrinting;
    const virtualizer = useWindowVirtualizer({
        count,
        enabled: isVirtual,
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
        elements.reveal = isVirtual
            ? (row) => {
                  virtualizer.scrollToIndex(row, { align: 'center' });
              }
            : null;
    }, [elements, isVirtual, virtualizer]);

    if (!isVirtual) {
        return { attach, rows: Array.from({ length: count }, (_, index) => ({ index, above: 0 })), below: 0, isVirtual };
    }
    const items = virtualizer.getVirtualItems();
    const ends = items.map(({ end }) => end);

    return {
        attach,
        rows: items.map(({ index, start }, at) => ({ index, above: start - (ends[at - 1] ?? top) })),
        below: Math.max(0, top + virtualizer.getTotalSize() - (ends.at(-1) ?? top)),
        isVirtual,
    };
}
