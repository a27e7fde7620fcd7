import { isOfCell } from '@/ui/grid/places';
import { useBlockClipboard } from '@/ui/grid/useBlockClipboard';
import { useGridPointer } from '@/ui/grid/useGridPointer';
import type { PlanProps } from '@/types/generated/props';
import type { KeyboardEvent } from 'react';
import { pastedLines } from './pastedLines';
import { planCommandFor, type PlanCommand } from './planKeys';
import type { PlanActs } from './usePlan';
import type { PlanGrid } from './usePlanGrid';

/** Keys, mouse and the clipboard on the plan. */
export function usePlanEvents(plan: PlanProps, acts: PlanActs, grid: PlanGrid, onCommand: (command: PlanCommand) => void) {
    return {
        onKeyDown: (event: KeyboardEvent) => {
            const command = isOfCell(event.target) ? planCommandFor(event, grid.place, grid.size) : null;
            if (command === null) {
                return;
            }
            event.preventDefault();
            acts.say('');
            if (command.kind === 'move') {
                grid.go(command.to, command.extends);
            } else if (command.kind === 'edit') {
                grid.edit(command.first);
            } else if (command.kind === 'clear') {
                grid.fill('');
            } else {
                onCommand(command);
            }
        },
        ...useGridPointer({ cursor: grid, typing: grid.typing, mayType: grid.mayType, valueAt: grid.typedAt }),
        ...useBlockClipboard({
            block: grid.block,
            valueAt: grid.valueAt,
            mayWrite: plan.mayPlan,
            onCut: () => {
                grid.fill('');
            },
            onPaste: (copied) => {
                // Rows of a spreadsheet are lines of a plan; a single value goes where one is.
                if (/[\t\n]/.test(copied.trim())) {
                    void acts.add(pastedLines(copied), null);
                } else if (copied.trim() !== '') {
                    grid.fill(copied.trim());
                }
            },
        }),
    };
}
