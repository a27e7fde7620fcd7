import { route } from '@/lib/route';
import { onceAnswered } from '@/lib/unanswered';
import type { WaitingSheetProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { cellsOf } from './taken';

/** Deciding and taking back, one act at a time. */
export function useDecisions(takenOf: (sheet: WaitingSheetProps) => ReadonlySet<number>, onDone: () => void) {
    const [isGoing, setGoing] = useState(false);
    const finish = {
        preserveScroll: true,
        preserveState: true,
        onFinish: () => {
            setGoing(false);
        },
        ...onceAnswered(onDone),
    } as const;

    return {
        isGoing,
        decide: (sheet: WaitingSheetProps, decision: 'approve' | 'return', comment: string) => {
            const taken = takenOf(sheet);
            const entries = cellsOf(sheet.lines).flatMap(({ id, version }) => (taken.has(id) ? [{ id, version }] : []));
            if (entries.length > 0 && !isGoing) {
                setGoing(true);
                router.post(route('review.decide'), { decision, comment, entries }, finish);
            }
        },
        undo: (decision: number) => {
            setGoing(true);
            router.delete(route('review.undo', { decision }), finish);
        },
        undoExpenses: (expenseDecision: number) => {
            setGoing(true);
            router.delete(route('review.undo-expenses', { expenseDecision }), finish);
        },
    };
}
