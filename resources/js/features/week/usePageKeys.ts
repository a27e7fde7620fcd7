import { useStable } from '@/lib/useStable';
import { useLayoutEffect } from 'react';
import { commandFor, type Command } from './gridKeys';

interface PageKeys {
    onHelp: () => void;
    onQuickLine: () => void;
    onCommand: (command: Command) => void;
}

/** Where no cell is: whatever undoes is the same everywhere. */
const nowhere = [
    { row: 0, column: 0 },
    { rows: 0, columns: 0 },
] as const;

/** `?`, `/`, undo, redo and submitting anywhere on the page, except where something is written or pressed. */
export function usePageKeys({ onHelp, onQuickLine, onCommand }: PageKeys): void {
    const press = useStable((event: KeyboardEvent) => {
        const writes = event.target instanceof Element && event.target.closest('input, textarea, select') !== null;
        if (writes || event.altKey || event.defaultPrevented) {
            return;
        }
        if (event.ctrlKey || event.metaKey) {
            const command = commandFor(event, ...nowhere, false);
            const isPressed = event.target instanceof Element && event.target.closest('button, a') !== null;
            if (command?.kind === 'undo' || command?.kind === 'redo' || (command?.kind === 'submit' && !isPressed)) {
                event.preventDefault();
                onCommand(command);
            }
        } else if (event.key === '?') {
            event.preventDefault();
            onHelp();
        } else if (event.key === '/') {
            event.preventDefault();
            onQuickLine();
        }
    });

    // Before the page is painted: a key pressed as soon as it can be seen is heard.
    useLayoutEffect(() => {
        document.addEventListener('keydown', press);

        return () => {
            document.removeEventListener('keydown', press);
        };
    }, [press]);
}
