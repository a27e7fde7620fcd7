import type { StretchProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { asItWas, withUndo, type ClockUndo } from './clockHistory';

const stretch: StretchProps = {
    ...{
        id: 7,
        version: 3,
        line: '1:',
        date: '2026-06-16',
        starts: 540,
        ends: 600,
        isInked: true,
        source: 'drawn',
        note: 'bolts',
    },
    ...{ appointment: null, title: null, why: null, billable: null },
};

test('what a stretch was can be wanted again', () => {
    expect(asItWas(stretch)).toEqual({ line: '1:', date: '2026-06-16', starts: 540, ends: 600, note: 'bolts', billable: null });
});

test('the last fifty acts can be taken back', () => {
    let history: ClockUndo[] = [];
    for (let id = 1; id <= 60; id++) {
        history = withUndo(history, { kind: 'remove', id, version: 1 });
    }

    expect([history.length, history[0], history.at(-1)]).toEqual([
        50,
        { kind: 'remove', id: 11, version: 1 },
        { kind: 'remove', id: 60, version: 1 },
    ]);
});
