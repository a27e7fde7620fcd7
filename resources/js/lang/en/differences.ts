import type { Side } from '@/types/generated/props';

/** What everybody sees of their own hours in clients’ systems. */
export const differencesText = {
    differences: {
        title: 'Hours in clients’ systems',
        none: 'Your hours are the same in clients’ systems, as far as their exports have been read.',
        finding: 'Some of your hours are not the same in a client’s system. Correct the side that is wrong.',
        of: (system: string, client: string) => `${system}, ${client}`,
        sides: {
            equal: 'The same in total, split differently',
            different: 'Different',
            'only here': 'Only here',
            'only there': 'Only there',
        } satisfies Record<Side, string>,
        both: (day: string, side: string, here: string, there: string) =>
            `${day}: ${side.toLowerCase()}, ${here} here and ${there} there`,
        one: (day: string, side: string, hours: string) => `${day}: ${side.toLowerCase()}, ${hours}`,
        noCode: 'no charge code',
        part: (of: string, here: string, there: string) => `${of}: ${here} here, ${there} there`,
    },
};
