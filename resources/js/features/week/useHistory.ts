import { noHistory, redoing, undoing, withAct, type History } from '@/ui/grid/history';
import { useState } from 'react';
import type { Act } from './act';

/** What was done to each sheet since the page was opened; stored while other weeks are looked at. */
const histories = new Map<string, History<Act>>();

/** Remembers the acts on one sheet. */
export function useHistory(address: string) {
    const held = () => histories.get(address) ?? noHistory<Act>();
    const step = (found: { act: Act; history: History<Act> } | null): Act | null => {
        if (found !== null) {
            histories.set(address, found.history);
        }

        return found?.act ?? null;
    };
    const [acts] = useState(() => ({
        add: (act: Act) => {
            histories.set(address, withAct(held(), act));
        },
        undo: () => step(undoing(held())),
        redo: () => step(redoing(held())),
    }));

    return acts;
}
