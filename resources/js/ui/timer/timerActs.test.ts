import type { TimerProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { afterAct, secondsBy } from './timerActs';

const timer: TimerProps = {
    id: 7,
    version: 2,
    line: '1:',
    taskName: 'Fit the lens',
    projectName: 'Lens refit',
    roleName: null,
    note: '',
    isRunning: true,
    seconds: 100,
    since: '2026-06-17T09:00',
    seemsForgotten: false,
};
const start = { kind: 'start', line: '2:', taskName: 'Clean', projectName: 'Lens refit', roleName: null, note: 'dust' } as const;

test('a running timer goes on by this page’s own clock, and never back', () => {
    expect(secondsBy({ timer, at: 1000 }, 61_999)).toBe(160);
    expect(secondsBy({ timer, at: 1000 }, 0)).toBe(100);
    expect(secondsBy({ timer: { ...timer, isRunning: false }, at: 1000 }, 61_000)).toBe(100);
    expect(secondsBy({ timer: null, at: 0 }, 61_000)).toBe(0);
});

test('a pause keeps what it has run, and it runs on from there', () => {
    const paused = afterAct({ timer, at: 0 }, { kind: 'pause' }, 60_000, '');
    expect(paused).toEqual({ timer: { ...timer, isRunning: false, seconds: 160 }, at: 60_000 });
    const resumed = afterAct(paused, { kind: 'resume' }, 90_000, '');
    expect(secondsBy(resumed, 100_000)).toBe(170);
});

test('another one begins at nothing, and a note leaves the time as it was', () => {
    expect(afterAct({ timer, at: 0 }, start, 60_000, '2026-06-17T10:00').timer).toMatchObject({
        id: 0,
        taskName: 'Clean',
        note: 'dust',
        seconds: 0,
        since: '2026-06-17T10:00',
    });
    expect(secondsBy(afterAct({ timer, at: 0 }, { kind: 'note', note: 'bolts' }, 60_000, ''), 60_000)).toBe(160);
});

test('stopped or discarded, there is none; and nothing becomes of an act on none', () => {
    for (const act of [{ kind: 'stop', at: null }, { kind: 'discard' }] as const) {
        expect(afterAct({ timer, at: 0 }, act, 1, '').timer).toBeNull();
    }
    expect(afterAct({ timer: null, at: 0 }, { kind: 'resume' }, 1, '').timer).toBeNull();
});
