import { useStable } from '@/lib/useStable';
import type { ReviewProps, WaitingSheetProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { deskAddress } from './address';
import { deskCommandFor, type DeskCommand } from './deskKeys';
import { cellsOf, toggled } from './taken';

export interface ReviewDesk {
    /** The sheet that the keys act on. */
    at: number;
    goTo: (sheet: number) => void;
    takenOf: (sheet: WaitingSheetProps) => ReadonlySet<number>;
    toggle: (sheet: WaitingSheetProps, ids: readonly number[]) => void;
    /** The sheet of which the comment for returning is being asked. */
    returning: string | null;
    setReturning: (sheet: string | null) => void;
    isGoing: boolean;
    decide: (sheet: WaitingSheetProps, decision: 'approve' | 'return', comment: string) => void;
    undo: (decision: number) => void;
    showsKeys: boolean;
    run: (command: DeskCommand) => void;
}

function focusOn(sheet: number): void {
    document.querySelector<HTMLElement>(`[data-sheet="${sheet}"] [tabindex="0"]`)?.focus();
}

/** What is taken and where one is on the desk; everything else is in the address. */
export function useDesk(review: ReviewProps): ReviewDesk {
    const { sheets } = review;
    // What is left out of each sheet; everything else of it is taken.
    const [left, setLeft] = useState<Readonly<Record<string, ReadonlySet<number>>>>({});
    const [place, setPlace] = useState(0);
    const [returning, setReturning] = useState<string | null>(null);
    const [isGoing, setGoing] = useState(false);
    const [showsKeys, showKeys] = useState(false);
    const at = Math.max(0, Math.min(place, sheets.length - 1));
    const finish = {
        preserveScroll: true,
        preserveState: true,
        onFinish: () => {
            setGoing(false);
            setReturning(null);
        },
    } as const;
    const takenOf = ({ key, lines }: WaitingSheetProps) =>
        new Set(
            cellsOf(lines)
                .map(({ id }) => id)
                .filter((id) => !(left[key]?.has(id) ?? false)),
        );
    const decide = (sheet: WaitingSheetProps, decision: 'approve' | 'return', comment: string) => {
        const taken = takenOf(sheet);
        const entries = cellsOf(sheet.lines).flatMap(({ id, version }) => (taken.has(id) ? [{ id, version }] : []));
        if (entries.length > 0 && !isGoing) {
            setGoing(true);
            router.post('/review/decisions', { decision, comment, entries }, finish);
        }
    };
    const undo = (decision: number) => {
        setGoing(true);
        router.delete(`/review/decisions/${decision}`, finish);
    };

    const run = useStable((command: DeskCommand) => {
        const sheet = sheets[at];
        switch (command.kind) {
            case 'sheet': {
                const to = Math.max(0, Math.min(at + command.by, sheets.length - 1));
                setPlace(to);
                focusOn(to);
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
                    decide(sheet, 'approve', '');
                }
                break;
            case 'return':
                setReturning(sheet?.key ?? null);
                break;
            case 'approve in order':
                document.querySelector<HTMLElement>('[data-in-order]')?.focus();
                break;
            case 'undo': {
                const last = review.decisions.find(({ canBeUndone }) => canBeUndone);
                if (last !== undefined) {
                    undo(last.id);
                }
                break;
            }
            case 'keys':
                showKeys(!showsKeys);
        }
    });

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

    return {
        at,
        goTo: setPlace,
        takenOf,
        toggle: (sheet, ids) => {
            const all = cellsOf(sheet.lines).map(({ id }) => id);
            const taken = toggled(takenOf(sheet), ids);
            setLeft({ ...left, [sheet.key]: new Set(all.filter((id) => !taken.has(id))) });
        },
        returning,
        setReturning,
        isGoing,
        decide,
        undo,
        showsKeys,
        run,
    };
}
