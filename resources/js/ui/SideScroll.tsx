import clsx from 'clsx';
import type { ReactNode } from 'react';

interface SideScrollProps {
    /** What is in it, for those who reach it by keyboard; or else the heading that says so. */
    label?: string;
    labelledBy?: string;
    className?: string;
    children: ReactNode;
}

/** A table that may be wider than the page, which itself never goes off to the side: it is scrolled by finger, mouse or arrow keys. */
export function SideScroll({ label, labelledBy, className, children }: SideScrollProps) {
    return (
        <div
            role="group"
            tabIndex={0}
            aria-label={label}
            aria-labelledby={labelledBy}
            className={clsx('relative min-w-0 overflow-x-auto', className)}
        >
            {children}
        </div>
    );
}
