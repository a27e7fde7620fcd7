import { plural } from './plural';

/** The page of a person's calendars and appointments. */
export const appointmentsText = {
    appointments: {
        title: 'Appointments',
        finding: (calendars: number, pencilled: number, unplaced: number) =>
            calendars === 0
                ? 'You have added no calendar.'
                : [
                      plural(pencilled, {
                          one: 'One appointment is pencilled in your weeks.',
                          other: '# appointments are pencilled in your weeks.',
                      }),
                      unplaced === 0 ? null : plural(unplaced, { one: 'One has no task yet.', other: '# have no task yet.' }),
                  ]
                      .filter((part) => part !== null)
                      .join(' '),
        week: 'This week by the clock',
        busy: 'Busy',
        of: (act: string, what: string) => `${act}: ${what}`,
        unplaced: 'Without a task',
        noneUnplaced: 'Every appointment around today has a task, or is left out.',
        wholeDay: 'all day',
        task: 'Task',
        choose: 'Choose a task…',
        leaveOut: 'Leave out once',
        leaveOutForGood: 'Leave out for good',
        leftOut: 'Left out for good',
        takeIn: 'Pencil again',
        calendars: 'Calendars',
        noCalendars:
            'Add the private address that your calendar program gives you, or a calendar file. Appointments are then pencilled on the tasks that they most likely belong to; nothing counts until you ink it.',
        file: 'from a file',
        neverRead: 'not read yet',
        readAt: (at: string) => `read ${at}`,
        notesTitlesShort: 'titles become notes',
        read: 'Read calendar',
        remove: 'Remove calendar',
        add: 'Add a calendar',
        addHint: 'An address is read every 15 minutes. A file is read once; choose it again under the same name to refresh it.',
        name: 'Name',
        address: 'Address',
        fileField: 'Or a calendar file',
        notesTitles: 'Use titles as team notes',
        addNow: 'Add calendar',
        feed: {
            title: 'Your time as a calendar',
            is: 'Your recorded time can be read at a private address. Whoever knows the address can read it.',
            isNot: 'Make a private address to see your recorded time in your calendar program.',
            address: 'Private address',
            make: 'Make private address',
            again: 'Make a new address',
            remove: 'Remove address',
        },
    },
};
