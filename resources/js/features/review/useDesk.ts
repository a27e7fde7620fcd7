import { useStable } from '@/lib/useStable';
import type { ReviewProps, WaitingSheetProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { deskAddress } from './address';
import { Arrivals } from './arrivals';
import type { DeskCommand } from './deskKeys';
import { cellsOf, toggled } from './taken';
import { useDecisions } from './useDecisions';
import { useDeskKeys } from './useDeskKeys';

/** What is taken and where one is on the desk; everything else is in the address. */
export function useDesk(review: ReviewProps) {
    const { sheets } = review;
    // What is left out of each sheet; everything else of it is taken.
    const [left, setLeft] = useState<Readonly<Record<string, ReadonlySet<number>>>>({});
    const [place, setPlace] = useState(0);
    const [returning, setReturning] = useState<string | null>(null);
    const [showsKeys, showKeys] = useState(false);
    const [arrivals] = useState(() => new Arrivals());
    const inOrder = useRef<HTMLButtonElement>(null);
    const at = Math.max(0, Math.min(place, sheets.length - 1));
    const takenOf = ({ key, lines }: WaitingSheetProps) =>
        new Set(
            cellsOf(lines)
                .map(({ id }) => id)
                .filter((id) => !(left[key]?.has(id) ?? false)),
        );
    const decisions = useDecisions(takenOf, () => {
        setReturning(null);
    });

    const run = useStable((command: DeskCommand) => {
        const sheet = sheets[at];
        switch (command.kind) {
            case 'sheet': {
                const to = Math.max(0, Math.min(at + command.by, sheets.length - 1));
                setPlace(to);
                arrivals.at(to);
                break;
            }
            case 'group': {
                const to = review.groups[review.groups.findIndex(({ key }) => key === review.open) + command.by];
                if (to !== undefined) {
                    router.get(deskAddress({ ...review, open: to.key, sheets: 1 }), {}, { preserveScroll: true });
                }
                break;
            }
            case 'approve':
                if (sheet !== undefined) {
                    decisions.decide(sheet, 'approve', '');
                }
                break;
            case 'return':
                setReturning(sheet?.key ?? null);
                break;
            case 'approve in order':
                inOrder.current?.focus();
                break;
            case 'undo': {
                const last = review.decisions.find(({ canBeUndone }) => canBeUndone);
                const lastOfExpenses = review.expenseDecisions.find(({ canBeUndone }) => canBeUndone);
                if (last !== undefined) {
                    decisions.undo(last.id);
                } else if (lastOfExpenses !== undefined) {
                    decisions.undoExpenses(lastOfExpenses.id);
                }
                break;
            }
            case 'keys':
                showKeys(!showsKeys);
        }
    });
    useDeskKeys(run);

    return {
        /** The sheet that the keys act on. */
        at,
        goTo: setPlace,
        arrivals,
        /** The button that approves all that is in order. */
        inOrder,
        takenOf,
        toggle: (sheet: WaitingSheetProps, ids: readonly number[]) => {
            const all = cellsOf(sheet.lines).map(({ id }) => id);
            const taken = toggled(takenOf(sheet), ids);
            setLeft({ ...left, [sheet.key]: new Set(all.filter((id) => !taken.has(id))) });
        },
        /** The sheet of which the comment for returning is being asked. */
        returning,
        setReturning,
        ...decisions,
        showsKeys,
        run,
    };
}

export type ReviewDesk = ReturnType<typeof useDesk>;
