/** The page of a person's month. */
export const monthText = {
    month: {
        finding: (entered: string, expected: string, free: string | null) =>
            `${entered} of the expected ${expected} entered.${free === null ? '' : ` ${free} to fill.`}`,
        months: 'Months',
        timesheets: 'Timesheets',
        timesheetBefore: 'Previous timesheet',
        timesheetAfter: 'Next timesheet',
        before: 'Previous month',
        after: 'Next month',
        table: (month: string) => `${month} by line and day`,
        days: (count: string, printed: string) => `${printed}\u00A0${count === '1' || count === '0.5' ? 'day' : 'days'}`,
        cell: (line: string, day: string, shown: string, state: string | null) =>
            `${line}, ${day}: ${shown}${state === null ? '' : `, ${state}`}`,
        input: (line: string, day: string) => `${line}, ${day}`,
        notSaved: 'Not saved: the server could not be reached. Enter it again.',
        submit: 'Submit timesheet',
        submitTitle: (days: string) => `Submit ${days}?`,
        line: 'Line',
        sum: 'Sum',
        expected: 'Expected',
        entered: 'Entered',
        away: 'Days away',
        week: (number: number) => `Week ${String(number)}`,
        fill: 'Fill the rest',
        fillLine: (task: string, hours: string) => `Fill the rest: ${hours} on ${task}`,
        none: 'Nothing is assigned to you on these days, and nothing recorded. Record in your week, and it appears here.',
        hint: 'Type hours into a cell, or press F to fill the rest on its line: what is expected of each day and not entered yet. Days that are submitted stay as they are.',
        hintDays:
            'Type parts of a day into a cell, such as 1 or 0.5, or press F to fill the rest on its line: what is expected of each day and not entered yet. Days that are submitted stay as they are.',
    },
};
