import { describe, expect, it } from 'vitest';
import { noHistory, redoing, undoing, withAct, type Act, type History } from './history';

const act = (name: string): Act => ({ steps: [{ key: name, before: {}, after: {} }], rubbedOut: [], line: null });
const after = (count: number) => Array.from({ length: count }, (_, index) => act(String(index))).reduce(withAct, noHistory);

function undone(history: History, times: number): string[] {
    const names: string[] = [];
    for (let step = 0, here = history; step < times; step++) {
        const found = undoing(here);
        names.push(found?.act.steps[0]?.key ?? '');
        here = found?.history ?? here;
    }

    return names;
}

describe('history', () => {
    it('steps back over at least 50 acts, the last first', () => {
        expect(undone(after(60), 60)).toEqual(Array.from({ length: 60 }, (_, index) => String(59 - index)));
        expect(undoing(noHistory)).toBeNull();
    });

    it('steps forth again, until something new is done', () => {
        const back = undoing(after(2))?.history ?? noHistory;
        expect(redoing(back)?.act.steps[0]?.key).toBe('1');
        expect(redoing(withAct(back, act('new')))).toBeNull();
    });
});
