import type { Answer } from '@/lib/http';
import type { TimerStateProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import type { TimerAct } from './timerActs';
import { TimerQueue, type WaitingAct } from './timerQueue';

const start: TimerAct = { kind: 'start', line: '1:', taskName: 'Fit', projectName: 'Lens', roleName: null, note: '' };

function setUp(waiting: WaitingAct[] = []) {
    const world = {
        page: 0,
        wall: 1_000_000,
        isAway: false,
        sent: [] as [string, { timer: number; seen: number } | null, number][],
        stored: null as string | null,
        answered: [] as (number | null)[],
        isWaiting: false,
    };
    let version = 0;
    const queue = new TimerQueue(
        {
            send: (act, about, ago): Promise<Answer> => {
                if (world.isAway) {
                    return Promise.resolve({ reached: false });
                }
                world.sent.push([act.kind, about, ago]);
                version++;
                const timer = act.kind === 'stop' ? null : { id: 7, version };

                return Promise.resolve({ reached: true, status: 200, body: { timer, isRefused: false } });
            },
            keep: (stored) => {
                world.stored = stored;
            },
            onAnswer: ({ timer }: TimerStateProps) => {
                world.answered.push(timer?.id ?? null);
            },
            onWaiting: (isWaiting) => {
                world.isWaiting = isWaiting;
            },
            pageTime: () => world.page,
            wallTime: () => world.wall,
        },
        waiting,
    );

    return { queue, world };
}

test('acts are sent in order, each with how long ago it was meant, once the server is back', async () => {
    const { queue, world } = setUp();
    world.isAway = true;
    queue.add(start, null);
    world.page = 60_000;
    // Somebody sets the clock of the device; what counts is the page's own.
    world.wall = 90_000_000;
    queue.add({ kind: 'pause' }, null);
    await queue.flush();
    expect([world.sent, world.isWaiting]).toEqual([[], true]);
    world.isAway = false;
    world.page = 100_000;
    await queue.flush();

    expect(world.sent).toEqual([
        ['start', null, 100],
        ['pause', { timer: 7, seen: 1 }, 40],
    ]);
    expect([world.stored, world.answered, queue.isEmpty(), world.isWaiting]).toEqual([null, [7, 7], true, false]);
});

test('what waited through a reload is sent by the clock of the device', async () => {
    const before = setUp();
    before.world.isAway = true;
    before.queue.add({ kind: 'stop', at: null }, { timer: 7, version: 3 });
    await before.queue.flush();
    const { queue, world } = setUp(TimerQueue.readStored(before.world.stored));
    world.wall += 120_000;
    await queue.flush();

    expect(world.sent).toEqual([['stop', { timer: 7, seen: 3 }, 120]]);
});

test('what was kept and makes no sense is forgotten', () => {
    expect([TimerQueue.readStored('{'), TimerQueue.readStored('7'), TimerQueue.readStored(null)]).toEqual([[], [], []]);
});
