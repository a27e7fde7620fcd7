import type { TaskGroup, TaskOfferProps } from '@/types/generated/props';

/** Tasks under the reason why they are offered; what was searched for stands as it fits, without. */
export function groupedOffers(
    offers: TaskOfferProps[],
    isSearched: boolean,
): { group: TaskGroup | null; offers: TaskOfferProps[] }[] {
    if (isSearched) {
        return [{ group: null, offers }];
    }
    const groups = [...new Set(offers.map(({ group }) => group))];

    return groups.map((group) => ({ group, offers: offers.filter((offer) => offer.group === group) }));
}
