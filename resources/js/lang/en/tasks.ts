import { plural } from './plural';

/** The page of a person's tasks. */
export const tasksText = {
    tasks: {
        title: 'My tasks',
        finding: (count: number, overdue: number, thisWeek: number) =>
            [
                count === 0 ? 'You have no tasks.' : plural(count, { one: 'You have one task.', other: 'You have # tasks.' }),
                overdue === 0 ? null : plural(overdue, { one: 'One is overdue.', other: '# are overdue.' }),
                thisWeek === 0 ? null : plural(thisWeek, { one: 'One is due this week.', other: '# are due this week.' }),
            ]
                .filter((part) => part !== null)
                .join(' '),
        today: (entered: string, expected: string) => `Today: ${entered} of the expected ${expected} entered.`,
        search: 'Search tasks',
        none: 'Tasks appear here when a project manager assigns them to you or your team. Press Pin task beside a cell of your week to keep a task here.',
        noneFound: 'No task matches.',
        groups: {
            pinned: 'Pinned',
            overdue: 'Overdue',
            'this week': 'Due this week',
            'next week': 'Due next week',
            later: 'Due later',
            always: 'Without a due day',
        },
        due: (day: string) => `Due ${day}`,
        team: (name: string) => `team ${name}`,
        numbers: (entered: string, planned: string, remaining: string) => `${entered} of ${planned}; ${remaining} remaining`,
        estimated: 'estimated',
        tracker: (state: string, comment: string | null) => `Task tracker: ${state}${comment === null ? '' : `; ${comment}`}`,
        waiting: (hours: string) => `an estimate of ${hours} waits for the project manager`,
        of: (act: string, task: string) => `${act}: ${task}`,
        pin: 'Pin task',
        unpin: 'Unpin task',
        pickUp: 'Pick up task',
        pickUpHint: (team: string) => `You take these hours over from ${team}. The project manager is told.`,
        hours: 'Hours',
        cancel: 'Cancel',
        form: (task: string) => `Record on ${task}`,
        line: (task: string) => `Hours, day and note: ${task}`,
        example: '1:30 tue note bolts checked',
        save: 'Save work',
        estimate: 'Estimate and done',
        remaining: 'Remaining hours',
        remainingHint: (hours: string) => `${hours} remain now. Leave the field empty to let the hours you record count down.`,
        reason: 'Reason',
        done: 'Done for me',
        hint: 'Type hours, a day if it is not today, and a note: 1:30, 90m, 9-11:30, 2h yesterday note bolts checked. Enter saves.',
    },
};
