import type { ScheduleConflict, ScheduleOutcome } from '@/types/generated/props';
import { plural } from './plural';

/** Plans from and to files of scheduling programs. */
export const scheduleText = {
    schedulePage: {
        title: (project: string) => `Schedule files: ${project}`,
        finding: 'Plans come from CSV and XLSX files, and go out with the hours recorded beside them.',
        out: 'Export',
        byDay: 'By day',
        byWeek: 'By week',
        file: (by: string, format: string) => `${by}, ${format}`,
        send: 'Compare a file with the plan',
        sendAgain: 'Compare another file',
        files: 'CSV or XLSX file',
        hint: 'With headings: task or name, who, role, planned, and day, week, or starts_on and ends_on; also phase, wbs, milestone, after. A column may be a day.',
        compare: 'Compare',
        sent: (name: string, by: string, at: string) => `${name}, sent by ${by}, ${at}`,
        same: (count: number) => plural(count, { one: 'One part is the same.', other: '# parts are the same.' }),
        nothing: 'The file says what the plan says.',
        what: 'What',
        outcome: 'In the file',
        changes: 'Changes',
        conflict: 'Beside what was recorded',
        choose: (what: string) => `Choose ${what}`,
        chooseAll: 'Choose all that can be taken over',
        outcomes: { new: 'New', changed: 'Changed', gone: 'Gone', same: 'The same' } satisfies Record<ScheduleOutcome, string>,
        conflicts: {
            recorded: 'Time was recorded on it: it stays',
            'below recorded': 'Less than was recorded',
            'ends too soon': 'Ends before the last day with recorded time',
        } satisfies Record<ScheduleConflict, string>,
        columns: {
            name: 'name',
            phase: 'phase',
            wbs: 'work breakdown',
            milestone: 'milestone',
            after: 'waits for',
            starts_on: 'first day',
            ends_on: 'last day',
            planned: 'planned',
            days: 'days',
        } as Readonly<Record<string, string>>,
        onTask: (who: string, task: string, role: string) => (role === '' ? `${who} on ${task}` : `${who} on ${task} as ${role}`),
        changed: (column: string, before: string, after: string) =>
            before === after
                ? `${column}: others`
                : before === ''
                  ? `${column}: ${after}`
                  : `${column}: ${before} → ${after === '' ? 'none' : after}`,
        take: (count: number) => plural(count, { one: 'Take over one row', other: 'Take over # rows' }),
        discard: 'Discard file',
        faults: 'Lines that cannot be read',
        fault: (line: number, sentence: string) => `Line ${String(line)}: ${sentence}`,
        unknown: (headings: string) => `Columns that mean nothing here: ${headings}.`,
        pushes: 'What has to move',
        pushesOfFile: 'What the file would move',
        push: (task: string, because: string, days: number) =>
            plural(days, {
                one: `${task} begins one day too early: it waits for ${because}.`,
                other: `${task} begins # days too early: it waits for ${because}.`,
            }),
    },
};
