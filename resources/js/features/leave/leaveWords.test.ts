import type { LeaveRequestProps } from '@/types/generated/props';
import { describe, expect, test } from 'vitest';
import { spanWords, stateWords } from './leaveWords';

const request: LeaveRequestProps = {
    id: 1,
    kind: 1,
    kindName: 'Leave',
    first: '2026-08-03',
    last: '2026-08-07',
    fromMidday: false,
    untilMidday: false,
    halfDays: 10,
    minutes: 2400,
    note: '',
    state: 'requested',
    decidedBy: null,
    isByRule: false,
    comment: '',
    isChange: false,
    mayChange: true,
};

describe('the days of a request', () => {
    test.each([
        [{}, 'Mon 3 Aug – Fri 7 Aug'],
        [{ fromMidday: true, untilMidday: true }, 'Mon 3 Aug (from midday) – Fri 7 Aug (until midday)'],
        [{ last: '2026-08-03' }, 'Mon 3 Aug'],
        [{ last: '2026-08-03', fromMidday: true }, 'Mon 3 Aug, afternoon'],
        [{ last: '2026-08-03', untilMidday: true }, 'Mon 3 Aug, morning'],
    ])('%j', (given, words) => {
        expect(spanWords({ ...request, ...given }).replace(/,(?= \d)/g, '')).toBe(words);
    });
});

describe('what has become of it', () => {
    test.each<[Partial<LeaveRequestProps>, string]>([
        [{}, 'requested; Lee decides'],
        [{ isChange: true }, 'change requested'],
        [{ state: 'approved', decidedBy: 'Lee' }, 'approved by Lee'],
        [{ state: 'approved', isByRule: true }, 'approved by rule'],
        [{ state: 'declined', decidedBy: 'Lee' }, 'declined by Lee'],
        [{ state: 'taken back', decidedBy: 'Lee' }, 'taken back'],
        [{ state: 'replaced', decidedBy: 'Lee' }, 'changed since'],
        [{ state: null }, 'recorded by the time office'],
    ])('%j', (given, words) => {
        expect(stateWords({ ...request, ...given }, 'Lee')).toBe(words);
    });
});
