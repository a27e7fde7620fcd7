import { plural } from './plural';

/** How many of some people have more to do than they have time for. */
export function overHours(over: number, all: number): string {
    const people = plural(all, { one: 'one person', other: '# people' });

    return plural(over, { one: `# of ${people} is over their hours`, other: `# of ${people} are over their hours` });
}
