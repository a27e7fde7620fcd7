import { useNarrow } from '@/lib/useNarrow';
import clsx from 'clsx';
import type { ReactNode } from 'react';

interface SideScrollProps {
    /** What is in it, for those who reach it by keyboard; or else the heading that says so. */
    label?: string;
    labelledBy?: string;
    /** Elsewhere the page itself scrolls, as a head that stays in sight and lists that open in the table need it. */
    onlyNarrow?: boolean;
    className?: string;
    children: ReactNode;
}

/** A table that may be wider than the page, which itself never goes off to the side: it is scrolled by finger, mouse or arrow keys. */
export function SideScroll({ label, labelledBy, onlyNarrow = false, className, children }: SideScrollProps) {
    const isNarrow = useNarrow();

    return (
        <div
            role="group"
            // What does not scroll is no stop for the keyboard.
            tabIndex={onlyNarrow && !isNarrow ? undefined : 0}
            aria-label={label}
            aria-labelledby={labelledBy}
            className={clsx('relative min-w-0', onlyNarrow ? 'max-md:overflow-x-auto' : 'overflow-x-auto', className)}
        >
            {children}
        </div>
    );
}
