import { locale } from '@/lib/locale';
import { useShared } from '@/lib/shared';
import type { Filled } from '@/ui/grid/block';
import { noHistory, redoing, undoing, withAct } from '@/ui/grid/history';
import { useState } from 'react';
import { pastedPeople, withCells, type PastedPerson } from './pastedPeople';

interface Act {
    before: readonly PastedPerson[];
    after: readonly PastedPerson[];
}

/** People read from pasted rows, as they are corrected; corrections can be undone and done again. */
export function usePastedPeople() {
    const { today } = useShared();
    const [people, setPeople] = useState<readonly PastedPerson[]>([]);
    const [history, setHistory] = useState(noHistory<Act>());
    const become = (after: readonly PastedPerson[]) => {
        if (after !== people) {
            setPeople(after);
            setHistory(withAct(history, { before: people, after }));
        }
    };
    const go = (found: ReturnType<typeof undoing<Act>>, to: keyof Act) => {
        if (found !== null) {
            setPeople(found.act[to]);
            setHistory(found.history);
        }
    };

    return {
        people,
        read: (text: string) => {
            setPeople(pastedPeople(text, today, locale));
            setHistory(noHistory<Act>());
        },
        write: (cells: readonly Filled[]) => {
            become(withCells(people, cells, today, locale));
        },
        remove: (top: number, bottom: number) => {
            become(people.filter((_, row) => row < top || row > bottom));
        },
        undo: () => {
            go(undoing(history), 'before');
        },
        redo: () => {
            go(redoing(history), 'after');
        },
    };
}

export type PastedPeople = ReturnType<typeof usePastedPeople>;
