import { useState, type ReactNode } from 'react';

export interface Opened {
    isOpen: boolean;
    onOpen: (isOpen: boolean) => void;
    trigger: ReactNode;
}

interface OpenerProps {
    button: (onClick?: () => void) => ReactNode;
    /** What it opens, and what stands there until that is fetched. */
    children: (opened: Opened, meanwhile: ReactNode) => ReactNode;
}

/** A button alone until it is first pressed: only then is made what it opens. */
export function Opener({ button, children }: OpenerProps) {
    const [isOpen, open] = useState<boolean | null>(null);
    const alone = button(() => {
        open(true);
    });

    return isOpen === null ? alone : children({ isOpen, onOpen: open, trigger: button() }, alone);
}
