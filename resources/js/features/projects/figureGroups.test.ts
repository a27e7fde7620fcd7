import type { ProjectRowProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { tasksOf } from './figureGroups';

const row = (level: ProjectRowProps['level'], name: string) => ({ level, name }) as ProjectRowProps;

describe('tasks with their phase and people', () => {
    it('follow the order of the table', () => {
        const groups = tasksOf([
            row('phase', 'Survey'),
            row('task', 'Cores'),
            row('assignee', 'Ines'),
            row('assignee', 'Hal'),
            row('task', 'Drawings'),
            row('phase', ''),
            row('task', 'Lead'),
            row('assignee', 'Una'),
        ]);

        expect(
            groups.map(({ phase, startsPhase, task, assignees }) => [
                phase?.name,
                startsPhase,
                task.name,
                assignees.map(({ name }) => name),
            ]),
        ).toEqual([
            ['Survey', true, 'Cores', ['Ines', 'Hal']],
            ['Survey', false, 'Drawings', []],
            ['', true, 'Lead', ['Una']],
        ]);
    });

    it('are none where there is no task', () => {
        expect(tasksOf([])).toEqual([]);
    });
});
