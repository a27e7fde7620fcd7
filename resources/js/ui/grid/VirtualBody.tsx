import { Fragment, type ReactNode } from 'react';
import type { DrawnRows } from './useVirtualRows';

interface VirtualBodyProps {
    drawn: DrawnRows;
    keyOf: (row: number) => string;
    children: (row: number) => ReactNode;
}

/** The body of a table of which only some rows are drawn; what is not keeps its room. */
export function VirtualBody({ drawn, keyOf, children }: VirtualBodyProps) {
    const { attach, rows, below } = drawn;

    return (
        <tbody ref={attach}>
            {rows.map(({ index, above }) => (
                <Fragment key={keyOf(index)}>
                    <Room height={above} />
                    {children(index)}
                </Fragment>
            ))}
            <Room height={below} />
        </tbody>
    );
}

function Room({ height }: { height: number }) {
    return (
        height > 0 && (
            <tr aria-hidden="true">
                <td className="p-0" style={{ height }} />
            </tr>
        )
    );
}
