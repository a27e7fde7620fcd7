import { Fragment } from 'react';
import type { GridBodyProps } from './GridBody';
import { useVirtualRows } from './useVirtualRows';

/** The body of a table of which only some rows are drawn; what is not keeps its room. */
export function VirtualBody({ keyOf, children, ...table }: GridBodyProps) {
    const { attach, rows, below } = useVirtualRows(table);

    return (
        <tbody ref={attach} className="painted-by-row">
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
