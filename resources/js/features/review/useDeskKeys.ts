import { useEffect } from 'react';
import { deskCommandFor, type DeskCommand } from './deskKeys';

/** Keys anywhere on the desk, except where something is written. */
export function useDeskKeys(run: (command: DeskCommand) => void): void {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const writes =
                event.target instanceof Element && event.target.closest('input:not([type=checkbox]), textarea, select') !== null;
            const command = writes || event.defaultPrevented ? null : deskCommandFor(event);
            if (command !== null) {
                event.preventDefault();
                run(command);
            }
        };
        document.addEventListener('keydown', press);

        return () => {
            document.removeEventListener('keydown', press);
        };
    }, [run]);
}
