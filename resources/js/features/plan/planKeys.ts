import { gridCommandFor, type GridCommand, type Pressed } from '@/ui/grid/gridKeys';
import type { GridPlace, Size } from '@/ui/grid/moves';

/** What a key asks of the plan. */
export type PlanCommand = GridCommand | { kind: 'add task' | 'add person' | 'by day' | 'done' };

const withControl: Record<string, PlanCommand> = {
    '+': { kind: 'add task' },
    Enter: { kind: 'add person' },
    d: { kind: 'by day' },
};

/** What a key pressed in the table means there, or null where it is left to the browser. Letters begin to type. */
export function planCommandFor(pressed: Pressed, place: GridPlace, size: Size): PlanCommand | null {
    const { key, altKey } = pressed;
    const control = pressed.ctrlKey || pressed.metaKey;
    if (key === '+' && !control && !altKey) {
        return { kind: 'add task' };
    }

    return gridCommandFor(pressed, place, size) ?? (control && !altKey ? (withControl[key] ?? null) : null);
}
