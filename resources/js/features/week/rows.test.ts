import { describe, expect, it } from 'vitest';
import { line } from './fixtures';
import { arrangementOf, foldedWith, moved, rowsOf } from './rows';

const [one, two, three] = [line(1, 'A'), line(2, 'A'), line(3, 'B')];
const keys = (lines: { key: string }[]) => lines.map(({ key }) => key).join(' ');

describe('rows', () => {
    it('are the lines, the first of each project marked; a collapsed project is one', () => {
        expect(rowsOf([one, two, three], []).map((row) => [row.key, row.kind === 'line' && row.isFirst])).toEqual([
            ['1:', true],
            ['2:', false],
            ['3:', true],
        ]);
        expect(rowsOf([one, two, three], ['A']).map((row) => [row.kind, row.key])).toEqual([
            ['collapsed', 'A'],
            ['line', '3:'],
        ]);
    });

    it('move within their project, and no further', () => {
        expect(keys(moved([one, two, three], one, 1, false))).toBe('2: 1: 3:');
        expect(keys(moved([one, two, three], two, 1, false))).toBe('1: 2: 3:');
        expect(keys(moved([one, two, three], one, -1, false))).toBe('1: 2: 3:');
    });

    it('move with their whole project', () => {
        expect(keys(moved([one, two, three], two, 1, true))).toBe('3: 1: 2:');
        expect(arrangementOf(moved([one, two, three], two, 1, true), ['B'])).toEqual({
            projects: ['B', 'A'],
            lines: ['3:', '1:', '2:'],
            collapsed: ['B'],
        });
    });

    it('collapse a project, and unfold it again', () => {
        expect(foldedWith(['A'], 'B')).toEqual(['A', 'B']);
        expect(foldedWith(['A', 'B'], 'A')).toEqual(['B']);
    });
});
