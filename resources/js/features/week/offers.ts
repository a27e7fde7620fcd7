import type { TaskGroup, TaskOfferProps } from '@/types/generated/props';

/**
 * Tasks under the reason why they are offered, without those that the sheet has already; what was searched for stands as
 * it fits, all of it.
 */
export function groupedOffers(
    shown: ReadonlySet<string>,
    offers: TaskOfferProps[],
    isSearched: boolean,
): { group: TaskGroup | null; offers: TaskOfferProps[] }[] {
    if (isSearched) {
        return [{ group: null, offers }];
    }
    const others = offers.filter(({ line }) => !shown.has(line));
    const groups = [...new Set(others.map(({ group }) => group))];

    return groups.map((group) => ({ group, offers: others.filter((offer) => offer.group === group) }));
}

/** Where an arrow key leads in a list, or null for any other key. */
export function optionAfter(key: string, at: number, count: number): number | null {
    const by = key === 'ArrowDown' ? 1 : key === 'ArrowUp' ? -1 : 0;

    return by === 0 || count === 0 ? null : Math.max(0, Math.min(count - 1, at + by));
}
