import { encode } from 'uqr';
import { useMemo } from 'react';

/** What a phone's camera reads (ISO/IEC 18004), dark on light in every theme, as cameras want it. */
export function ScanCode({ content, label }: { content: string; label: string }) {
    const { size, data } = useMemo(() => encode(content, { ecc: 'M', border: 3 }), [content]);
    const path = data
        .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${String(x)} ${String(y)}h1v1h-1z`] : [])))
        .join('');

    return (
        <svg
            role="img"
            aria-label={label}
            viewBox={`0 0 ${String(size)} ${String(size)}`}
            shapeRendering="crispEdges"
            className="mt-2 size-56 bg-white"
        >
            <path d={path} fill="#000" />
        </svg>
    );
}
