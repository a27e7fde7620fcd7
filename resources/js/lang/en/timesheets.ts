import { plural } from './plural';

/** Timesheets of others. */
export const timesheetsText = {
    timesheetsPage: {
        finding: (people: number) =>
            people === 0
                ? 'You can record in your own timesheet.'
                : plural(people, {
                      one: 'You can record in your own timesheet and in that of one other person.',
                      other: 'You can record in your own timesheet and in those of # other people.',
                  }),
        title: 'Timesheets you can record in',
        none: 'You cannot record in anyone else’s timesheet. People can give you permission on their own Timesheets page.',
        search: 'Name',
        find: 'Search',
        noneFound: (search: string) => `No name contains “${search}”.`,
        more: (count: number) => `${plural(count, { one: 'One more person', other: '# more people' })}; search to find them.`,
        person: 'Person',
        team: 'Team',
        why: 'Reason',
        reasons: {
            permission: 'They gave you permission',
            'line manager': 'You are their line manager',
            office: 'You are in the time office',
        },
        submitsToo: '(you may also submit)',
        recorders: 'Who can record in your timesheet',
        recordersHint:
            'Your line manager and the time office can always record in your timesheet; each entry shows who made it. You can give other people permission here.',
        noRecorders: 'You have not given anyone else permission.',
        name: 'Person',
        nameThem: 'Add person',
        maySubmit: 'May also submit',
        remove: (name: string) => `Remove ${name}`,
        takeAwayShort: 'Remove',
    },
};
