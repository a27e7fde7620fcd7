import type { ProgressWeekProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { enteredSoFar, monthsOf, placeOf, points, scaleOf, upTo } from './progressScale';

function week(monday: string, planned: number, actual: number, plannedSoFar: number, forecastSoFar: number): ProgressWeekProps {
    return { week: '', monday, planned, actual, pending: 0, remaining: 0, plannedSoFar, forecastSoFar };
}

const weeks = [
    week('2026-05-25', 600, 300, 600, 300),
    week('2026-06-01', 600, 900, 1200, 1200),
    week('2026-06-08', 0, 300, 1200, 1500),
];

test('both plots reach as high as what is in them', () => {
    expect(scaleOf(weeks)).toEqual({ sum: 1500, week: 900 });
    expect(scaleOf([])).toEqual({ sum: 1, week: 1 });
});

test('a line begins at zero, at the foot of the plot', () => {
    expect(points([300, 1200, 1500], 1500)).toBe('0,100 100,80 200,20 300,0');
});

test('this week is found among the weeks, before and after them', () => {
    expect(placeOf('2026-06-01', weeks)).toBe(1);
    expect(placeOf('2026-05-18', weeks)).toBe(-1);
    expect(placeOf('2026-06-22', weeks)).toBe(4);
    expect(placeOf('2026-06-22', [])).toBe(-1);
});

test('months are named where they begin, as far as there is room', () => {
    expect(monthsOf(weeks)).toEqual([
        { index: 0, monday: '2026-05-25' },
        { index: 1, monday: '2026-06-01' },
    ]);
    const many = Array.from({ length: 60 }, (_, index) =>
        week(new Date(Date.UTC(2026, 0, 5 + 7 * index)).toISOString().slice(0, 10), 0, 0, 0, 0),
    );
    const named = monthsOf(many);
    expect(named.length).toBeGreaterThan(4);
    named.slice(1).forEach(({ index }, place) => {
        expect(index - (named[place]?.index ?? 0)).toBeGreaterThanOrEqual(5);
    });
});

test('what remains of this week is not entered yet', () => {
    const begun = weeks.map((one) => ({ ...one, remaining: 600, forecastSoFar: 3000 }));

    expect(enteredSoFar('2026-06-01', begun)).toEqual([300, 1200]);
    expect(enteredSoFar('2026-05-01', begun)).toEqual([]);
});

test('up to a week counts it whole', () => {
    expect(upTo('2026-06-01', weeks)).toEqual({ planned: 1200, entered: 1200 });
    expect(upTo('2026-05-01', weeks)).toEqual({ planned: 0, entered: 0 });
});
