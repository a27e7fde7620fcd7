type Keys = readonly (readonly [string, string])[];
type Groups = readonly (readonly [string, Keys])[];

/** The groups of keys with only what has every word of a search, in a key, in what it does, or in the name of its group. */
export function keysWith(groups: Groups, search: string): Groups {
    const words = search
        .toLocaleLowerCase()
        .split(/\s+/)
        .filter((word) => word !== '');

    return groups
        .map(
            ([group, keys]) =>
                [
                    group,
                    keys.filter((key) => {
                        const whole = [group, ...key].join(' ').toLocaleLowerCase();

                        return words.every((word) => whole.includes(word));
                    }),
                ] as const,
        )
        .filter(([, keys]) => keys.length > 0);
}
