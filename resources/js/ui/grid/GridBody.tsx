import { Fragment, useSyncExternalStore, type ReactNode } from 'react';
import { soon } from '../soon';
import type { CellElements } from './cellElements';

const VirtualBody = soon(async () => (await import('./VirtualBody')).VirtualBody);

/** More rows than any screen shows; fewer are all drawn, so that the browser's own search finds everything. */
export const SCREENFUL = 80;

export interface GridBodyProps {
    count: number;
    keyOf: (row: number) => string;
    /** How high a row is about to be, in pixels. */
    heightOf: (row: number) => number;
    /** The row one is on, which stays drawn wherever one scrolls to. */
    kept: number;
    elements: CellElements;
    children: (row: number) => ReactNode;
}

function subscribeToPrint(onChange: () => void): () => void {
    const media = window.matchMedia('print');
    media.addEventListener('change', onChange);

    return () => {
        media.removeEventListener('change', onChange);
    };
}

/** The body of a grid, of which beyond a screenful only what is in sight is drawn; on paper, all. */
export function GridBody(props: GridBodyProps) {
    const isPrinting = useSyncExternalStore(
        subscribeToPrint,
        () => window.matchMedia('print').matches,
        () => false,
    );
    if (props.count <= SCREENFUL || isPrinting) {
        return <Rows {...props} />;
    }

    return <VirtualBody {...props} meanwhile={<Rows {...props} count={SCREENFUL} />} instead={<Rows {...props} />} />;
}

function Rows({ count, keyOf, children }: GridBodyProps) {
    return (
        <tbody className="painted-by-row">
            {Array.from({ length: count }, (_, row) => (
                <Fragment key={keyOf(row)}>{children(row)}</Fragment>
            ))}
        </tbody>
    );
}
