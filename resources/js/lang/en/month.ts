/** The page of a person's month. */
export const monthText = {
    month: {
        title: 'My month',
        finding: (entered: string, expected: string, free: string | null) =>
            `${entered} of the expected ${expected} entered.${free === null ? '' : ` ${free} to fill.`}`,
        months: 'Months',
        before: 'Previous month',
        after: 'Next month',
        table: (month: string) => `${month} by line and day`,
        line: 'Line',
        sum: 'Sum',
        expected: 'Expected',
        entered: 'Entered',
        away: 'Days away',
        week: (number: number) => `Week ${String(number)}`,
        fill: 'Fill the rest',
        fillLine: (task: string, hours: string) => `Fill the rest: ${hours} on ${task}`,
        none: 'Nothing is assigned to you in this month, and nothing recorded. Record in your week, and it appears here.',
        hint: 'Fill the rest enters, on one line, what is expected of each day and not entered yet. Days that are submitted stay as they are. Open a week to change its days.',
    },
};
