import { useState } from 'react';
import { noHistory, redoing, undoing, withAct, type Act, type History } from './history';

/** What was done to each sheet since the page was opened; stored while other weeks are looked at. */
const histories = new Map<string, History>();

/** Remembers the acts on one sheet. */
export function useHistory(address: string) {
    const step = (found: { act: Act; history: History } | null): Act | null => {
        if (found !== null) {
            histories.set(address, found.history);
        }

        return found?.act ?? null;
    };
    const [acts] = useState(() => ({
        add: (act: Act) => {
            histories.set(address, withAct(histories.get(address) ?? noHistory, act));
        },
        undo: () => step(undoing(histories.get(address) ?? noHistory)),
        redo: () => step(redoing(histories.get(address) ?? noHistory)),
    }));

    return acts;
}
