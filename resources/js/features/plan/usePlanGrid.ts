import { read } from '@/lib/http';
import { afterTyping, type GridPlace } from '@/lib/gridMoves';
import { useStable } from '@/lib/useStable';
import type { FoundAssigneeProps, HoursFormat, PlanProps } from '@/types/generated/props';
import { useLayoutEffect, useMemo, useRef, useState, type ClipboardEvent, type KeyboardEvent, type MouseEvent } from 'react';
import { pastedLines } from './pastedLines';
import { planCommandFor, type PlanCommand } from './planKeys';
import { changesOf, columnsOf, fieldOf, isOpen, rowsOf, textOf, type PlanRow } from './planRows';
import type { PlanActs } from './usePlan';

export interface Typing extends GridPlace {
    first: string;
}

/** Where one is in the plan, what is typed there, and what the keys do. */
export function usePlanGrid(
    plan: PlanProps,
    acts: PlanActs,
    format: HoursFormat,
    onCommand: (command: PlanCommand, row: PlanRow | undefined) => void,
) {
    const rows = useMemo(() => rowsOf(plan.tasks), [plan.tasks]);
    const columns = useMemo(() => columnsOf(plan), [plan]);
    const size = { rows: rows.length, columns: columns.length };
    const [at, setAt] = useState<GridPlace>({ row: 0, column: 0 });
    const [typing, setTyping] = useState<Typing | null>(null);
    const [found, setFound] = useState<FoundAssigneeProps[]>([]);
    const takesFocus = useRef(false);
    const place = { row: Math.max(0, Math.min(at.row, rows.length - 1)), column: Math.min(at.column, columns.length - 1) };
    const row = rows[place.row];
    const column = columns[place.column];
    const field = row === undefined || column === undefined ? null : fieldOf(row, column);

    useLayoutEffect(() => {
        if (takesFocus.current && typing === null) {
            takesFocus.current = false;
            document.querySelector<HTMLElement>(`[data-plan="${place.row} ${place.column}"]`)?.focus();
        }
    });
    const go = (to: GridPlace) => {
        takesFocus.current = true;
        setAt(to);
    };
    const edit = (first: string | null) => {
        if (plan.mayPlan && row !== undefined && field !== null && isOpen(row, field)) {
            setTyping({ ...place, first: first ?? textOf(row, field, format) });
        }
    };
    const write = (typed: string) => {
        if (row !== undefined && field !== null && typed.trim() !== textOf(row, field, format)) {
            // A name that was chosen from the list stands for one of those found; any other is looked up by the server.
            const chosen = field === 'assignee' ? found.filter(({ name }) => name === typed.trim()) : [];
            const key = chosen.length === 1 ? (chosen[0]?.key ?? typed) : typed.trim();
            const before =
                row.kind === 'assignment' && field === 'assignee' ? row.assignment.assignee : textOf(row, field, format);
            void acts.change(...changesOf(row, field, key, before));
        }
    };

    return {
        rows,
        columns,
        place,
        row,
        typing,
        found,
        go,
        ask: useStable((typed: string) => {
            void read<FoundAssigneeProps[]>(`/projects/${plan.code}/plan/assignees`, { search: typed }).then((assignees) => {
                setFound(assignees ?? []);
            });
        }),
        finish: useStable((typed: string | null, key: KeyboardEvent | null) => {
            if (typing === null) {
                return;
            }
            setTyping(null);
            if (typed !== null) {
                write(typed);
            }
            if (key !== null) {
                go(key.key === 'Escape' ? typing : (afterTyping(key, typing, size) ?? typing));
            }
        }),
        events: {
            onKeyDown: (event: KeyboardEvent) => {
                const isCell = event.target instanceof HTMLElement && event.target.dataset.plan !== undefined;
                const command = isCell ? planCommandFor(event, place, size) : null;
                if (command === null) {
                    return;
                }
                event.preventDefault();
                acts.say('');
                if (command.kind === 'move') {
                    go(command.to);
                } else if (command.kind === 'edit') {
                    edit(command.first);
                } else if (command.kind === 'clear') {
                    if (plan.mayPlan && row !== undefined && isOpen(row, field)) {
                        write('');
                    }
                } else {
                    onCommand(command, row);
                }
            },
            onClick: (event: MouseEvent) => {
                const cell = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-plan]') : null;
                const [to, on] = (cell?.dataset.plan ?? '').split(' ').map(Number);
                if (to !== undefined && on !== undefined && typing === null) {
                    go({ row: to, column: on });
                }
            },
            onDoubleClick: () => {
                edit(null);
            },
            onPaste: (event: ClipboardEvent) => {
                const typed = event.clipboardData.getData('text/plain');
                if (typing !== null || !plan.mayPlan || typed === '') {
                    return;
                }
                event.preventDefault();
                if (/[\t\n]/.test(typed.trim())) {
                    void acts.add(pastedLines(typed), null);
                } else if (row !== undefined && isOpen(row, field)) {
                    write(typed);
                }
            },
        },
    };
}
