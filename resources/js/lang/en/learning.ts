import { printNumber } from '@/lib/numbers';
import { plural } from './plural';

/** What finished tasks came to against their first plans. */
export const learningText = {
    learning: {
        title: 'Past tasks',
        spread: (count: number, median: string, low: string, high: string) =>
            `${plural(count, { one: 'One finished task', other: '# finished tasks' })}: half of them came to more than ${median} times their first plan; four of five lie between ${low} and ${high}.`,
        tooFew: (count: number, fewest: number) =>
            `${plural(count, { one: 'One finished task', other: '# finished tasks' })} with a plan: too few to say anything. ${printNumber(fewest)} are needed.`,
        explained: (fewest: number) =>
            `Each finished task: hours entered on it, divided by the hours first planned for it. The middle of these ratios, and the range in which four of five lie, are shown where there are at least ${printNumber(fewest)} tasks.`,
        by: 'By',
        bys: { word: 'Word of the name', person: 'Person', role: 'Role', manager: 'Project manager', client: 'Client' },
        opened: 'Finished tasks',
        tasksOf: (name: string) => `Finished tasks: ${name}`,
        planned: (hours: string) => `first planned ${hours}`,
        estimated: (hours: string, on: string) => `${hours} remaining on ${on}`,
        cameTo: (hours: string) => `came to ${hours}`,
        cases: 'Tasks',
        median: 'Middle',
        range: 'Four of five',
        times: (ratio: string) => `${ratio} ×`,
        between: (low: string, high: string) => `${low} to ${high}`,
        few: (few: number, fewest: number) =>
            plural(few, {
                one: `One more has fewer than ${printNumber(fewest)} tasks.`,
                other: `# more have fewer than ${printNumber(fewest)} tasks.`,
            }),
        planLike: (count: number, words: string, usual: string, least: string, most: string) =>
            `${printNumber(count)} finished tasks with “${words}”: this would come to ${usual}; four of five lie between ${least} and ${most}.`,
        forecastLike: (manager: string, count: number, usual: string, least: string, most: string) =>
            `Going by ${printNumber(count)} finished tasks of ${manager === '' ? 'everybody' : manager}, it will come to ${usual}; four of five such tasks would put it between ${least} and ${most}.`,
    },
};
