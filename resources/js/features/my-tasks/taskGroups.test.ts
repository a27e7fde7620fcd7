import type { MyTaskProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { groupsOf } from './taskGroups';

const task = (taskName: string, due: MyTaskProps['due'], isPinned = false): MyTaskProps => ({
    ...{ line: `${taskName}:`, task: 1, role: null, taskName, taskCode: 'T', projectCode: 'LENS', projectName: 'Lens refit' },
    ...{ roleName: null, due, startsOn: null, dueOn: null, team: null, planned: null, entered: 0, remaining: null },
    ...{ isEstimated: false, waiting: null, enteredToday: 0, isPinned, trackerState: null, trackerComment: null },
});
const tasks = [task('Fit', 'next week'), task('Clean', 'overdue'), task('Training', 'always', true), task('Draw', 'overdue')];
const named = (typed: string) =>
    groupsOf(tasks, typed).map(({ name, tasks: found }) => [name, ...found.map(({ taskName }) => taskName)]);

test('tasks stand under when they are due, pinned ones in front', () => {
    expect(named('')).toEqual([
        ['pinned', 'Training'],
        ['overdue', 'Clean', 'Draw'],
        ['next week', 'Fit'],
    ]);
});

test('each word must be somewhere in the names or codes', () => {
    expect(named(' lens CLEA ')).toEqual([['overdue', 'Clean']]);
    expect(named('clean training')).toEqual([]);
});
