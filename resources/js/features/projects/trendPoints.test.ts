import { expect, test } from 'vitest';
import { trendPoints } from './trendPoints';

test('a forecast as planned lies on the plan', () => {
    expect(trendPoints([600, 600], 600)).toEqual({ line: '0,10 10,10', mark: 10 });
});

test('higher is nearer to the top, and the whole range fits', () => {
    const { line, mark } = trendPoints([600, 1200], 600);
    expect(line).toBe('0,18 10,2');
    expect(mark).toBe(18);
});

test('a small change is no cliff', () => {
    expect(trendPoints([6000, 6060], 6000).line).toBe('0,10.8 10,9.2');
});

test('nothing planned and nothing forecast is a line', () => {
    expect(trendPoints([0, 0], 0)).toEqual({ line: '0,10 10,10', mark: 10 });
});
