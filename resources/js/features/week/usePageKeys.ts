import { useStable } from '@/lib/useStable';
import { useEffect } from 'react';

interface PageKeys {
    onHelp: () => void;
    onQuickLine: () => void;
}

/** `?` and `/` anywhere on the page, except where something is written. */
export function usePageKeys({ onHelp, onQuickLine }: PageKeys): void {
    const press = useStable((event: KeyboardEvent) => {
        const writes = event.target instanceof Element && event.target.closest('input, textarea, select') !== null;
        if (writes || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) {
            return;
        }
        if (event.key === '?') {
            event.preventDefault();
            onHelp();
        } else if (event.key === '/') {
            event.preventDefault();
            onQuickLine();
        }
    });

    useEffect(() => {
        document.addEventListener('keydown', press);

        return () => {
            document.removeEventListener('keydown', press);
        };
    }, [press]);
}
