import { useStable } from '@/lib/useStable';
import { cellCommands } from './cellCommands';
import type { Does, Hands } from './commands';
import type { Command } from './gridKeys';
import { lineCommands } from './lineCommands';
import { moveCommands } from './moveCommands';

/** What may be asked of a sheet that one only reads. */
const readOnly = new Set<Command['kind']>(['move', 'select all', 'step', 'collapse', 'auditTrail', 'cancel', 'estimate']);

/** Does what a key or a button asks of the grid. */
export function useCommands(hands: Hands): (command: Command) => void {
    return useStable((command: Command) => {
        if (hands.sheet.mayRecord || readOnly.has(command.kind)) {
            const does: Does<Command['kind']> = { ...moveCommands(hands), ...cellCommands(hands), ...lineCommands(hands) };
            (does[command.kind] as (command: Command) => void)(command);
        }
    });
}
