import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noHistory, redoing, undoing, withAct, type History } from './history';

const after = (count: number) =>
    Array.from({ length: count }, (_, index) => index).reduce((history, act) => withAct(history, act), noHistory<number>());

function undone(history: History<number>, times: number): number[] {
    const acts: number[] = [];
    for (let step = 0, here = history; step < times; step++) {
        const found = undoing(here);
        acts.push(found?.act ?? -1);
        here = found?.history ?? here;
    }

    return acts;
}

describe('history', () => {
    it('steps back over at least 50 acts, the last first', () => {
        expect(undone(after(60), 60)).toEqual(Array.from({ length: 60 }, (_, index) => 59 - index));
        expect(undoing(noHistory())).toBeNull();
    });

    it('steps forth again, until something new is done', () => {
        const back = undoing(after(2))?.history ?? noHistory<number>();
        expect(redoing(back)?.act).toBe(1);
        expect(redoing(withAct(back, 9))).toBeNull();
    });

    it('is the same after undoing and redoing any number of acts', () => {
        fc.assert(
            fc.property(fc.nat({ max: 60 }), fc.nat({ max: 60 }), (count, steps) => {
                const before = after(count);
                let here = before;
                for (let step = 0; step < steps; step++) {
                    here = undoing(here)?.history ?? here;
                }
                for (let step = 0; step < steps; step++) {
                    here = redoing(here)?.history ?? here;
                }
                expect(here).toEqual(before);
            }),
        );
    });
});
