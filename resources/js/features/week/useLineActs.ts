import { useStable } from '@/lib/useStable';
import { heldOf, type Wanted } from './cells';
import type { SheetState } from './sheetState';
import type { Sending } from './useSending';

/** Acts on lines. */
export function useLineActs(state: SheetState, { lines, send, remember, stepsOf }: Sending) {
    return {
        /** Adds a line, shows it, and may want things of its cells at once. */
        addLine: useStable((line: string, wanted: ReadonlyMap<string, Wanted> = new Map<string, Wanted>()) => {
            remember({ steps: stepsOf(wanted), line: { key: line, change: 'added' } });
            lines.add(line, () => {
                if (wanted.size > 0) {
                    send(wanted);
                }
            });
        }),
        removeLine: useStable((key: string) => {
            const held = Object.entries(state.cells).filter(
                ([cell, { saved }]) => cell.startsWith(`${key} `) && saved.minutes !== null,
            );
            remember({
                steps: held.map(([cellKey, cell]) => ({
                    key: cellKey,
                    before: heldOf(cell, { hours: '' }),
                    after: { hours: '' },
                })),
                line: { key, change: 'removed' },
            });
            lines.remove(key, state.totals.lines[key] ?? 0);
        }),
        arrange: lines.arrange,
    };
}
