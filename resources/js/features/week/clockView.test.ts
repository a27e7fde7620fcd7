import type { ProposalProps, StretchProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import {
    clock,
    dayWord,
    drawnBetween,
    endingAt,
    hoursDrawn,
    movedBy,
    nextOn,
    rowsOf,
    snapped,
    startingAt,
    strokesOf,
    times,
} from './clockView';

const stretch = (id: number, starts: number, ends: number, isInked = true): StretchProps => ({
    ...{
        id,
        version: 1,
        line: '1:',
        date: '2026-06-16',
        starts,
        ends,
        isInked,
        source: 'drawn',
        note: '',
        appointment: null,
        title: null,
        why: null,
        billable: null,
    },
});
const proposal = (source: ProposalProps['source'], starts: number, ends: number): ProposalProps => ({
    ...{ line: '2:', date: '2026-06-16', minutes: ends - starts, source, why: '', times: [{ starts, ends }] },
});

test('a day has its time in order, and what is proposed where it would lie', () => {
    const strokes = strokesOf(
        '2026-06-16',
        [stretch(7, 780, 840), stretch(8, 540, 600, false), { ...stretch(9, 0, 60), date: '2026-06-17' }],
        [proposal('plan', 600, 780), proposal('timer', 540, 600)],
    );

    expect(strokes.map(({ key, starts, isInked }) => [key, starts, isInked])).toEqual([
        ['8', 540, false],
        ['2: 600', 600, false],
        ['7', 780, true],
    ]);
});

test('as many hours are drawn as there is time, and at least a working day', () => {
    expect(hoursDrawn([])).toEqual({ first: 8, last: 18 });
    expect(hoursDrawn([stretch(1, 359, 1081)])).toEqual({ first: 5, last: 19 });
    expect(hoursDrawn([stretch(1, 0, 1440)])).toEqual({ first: 0, last: 24 });
});

test('what overlaps lies in rows of its own', () => {
    expect(rowsOf([stretch(1, 540, 600), stretch(2, 570, 630), stretch(3, 600, 660), stretch(4, 610, 620)])).toEqual([
        0, 1, 0, 2,
    ]);
});

test('times are moved, begun and ended by steps, and stay within the day', () => {
    expect(snapped(547, 15)).toBe(540);
    expect(snapped(548, 15)).toBe(555);
    expect(snapped(2000, 15)).toBe(1440);
    expect(movedBy({ starts: 30, ends: 90 }, -60)).toEqual({ starts: 0, ends: 60 });
    expect(movedBy({ starts: 1350, ends: 1410 }, 60)).toEqual({ starts: 1380, ends: 1440 });
    expect(endingAt({ starts: 540, ends: 600 }, 500, 15)).toEqual({ starts: 540, ends: 555 });
    expect(endingAt({ starts: 540, ends: 600 }, 1500, 15)).toEqual({ starts: 540, ends: 1440 });
    expect(startingAt({ starts: 540, ends: 600 }, 700, 15)).toEqual({ starts: 585, ends: 600 });
    expect(startingAt({ starts: 540, ends: 600 }, -5, 15)).toEqual({ starts: 0, ends: 600 });
});

test('a stroke is drawn either way, and a tap is a step', () => {
    expect(drawnBetween(661, 538, 15)).toEqual({ starts: 540, ends: 660 });
    expect(drawnBetween(600, 602, 15)).toEqual({ starts: 600, ends: 615 });
    expect(drawnBetween(1440, 1439, 15)).toEqual({ starts: 1425, ends: 1440 });
});

test('the next start is the last end', () => {
    expect(nextOn([])).toEqual({ starts: 540, ends: 600 });
    expect(nextOn([stretch(1, 780, 840), stretch(2, 540, 600)])).toEqual({ starts: 840, ends: 900 });
    expect(nextOn([stretch(1, 780, 1430)])).toEqual({ starts: 1380, ends: 1440 });
});

test('times are printed alike everywhere', () => {
    expect([clock(0), clock(1440), times({ starts: 545, ends: 600 })]).toEqual(['00:00', '24:00', '09:05–10:00']);
});

test('a day has a name that the quick line knows', () => {
    expect([dayWord('2026-06-15'), dayWord('2026-06-21')]).toEqual(['mon', 'sun']);
});
