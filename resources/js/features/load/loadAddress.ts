import { route } from '@/lib/route';
import type { WorkloadProps } from '@/types/generated/props';
import type { Option } from '@/ui/combobox';

/** Whose load is looked at, over which days. */
export interface LoadAsked {
    unit: string;
    /** Empty for the usual days from this week on. */
    from: string;
    to: string;
    sort: string;
    people: readonly Option[];
    teams: readonly Option[];
    roles: readonly Option[];
    /** Hours for which somebody is sought; empty for none. */
    need: string;
    page: number;
}

const usual = { unit: 'week', sort: 'over' };

const codes = (options: readonly Option[]) => options.map(({ code }) => code).join(',') || null;

/** What a page answers, on its first page. */
export function askedOf(load: WorkloadProps): LoadAsked {
    return {
        unit: load.unit,
        from: load.first,
        to: load.last,
        sort: load.sort,
        people: load.chosenPeople,
        teams: load.teams,
        roles: load.roles,
        need: load.freeTime === null ? '' : String(load.freeTime.needed / 60),
        page: 1,
    };
}

/** The address of a question, and of whom something is opened. */
export function loadAddress(asked: LoadAsked, open?: string): string {
    return route(
        'load',
        {},
        {
            unit: asked.unit === usual.unit ? null : asked.unit,
            from: asked.from || null,
            to: asked.to || null,
            sort: asked.sort === usual.sort ? null : asked.sort,
            person: codes(asked.people),
            team: codes(asked.teams),
            role: codes(asked.roles),
            need: asked.need || null,
            page: asked.page === 1 ? null : asked.page,
            open,
        },
    );
}

/** So many days earlier or later. */
export function moved(asked: LoadAsked, days: number): LoadAsked {
    return { ...asked, from: later(asked.from, days), to: later(asked.to, days), page: 1 };
}

/** The days on which a page begins and ends are whole days in UTC, so that no clock is put forward between them. */
export function later(day: string, days: number): string {
    const date = new Date(`${day}T00:00:00Z`);
    date.setUTCDate(date.getUTCDate() + days);

    return date.toISOString().slice(0, 10);
}

/** How many days there are from the first to the last. */
export function lengthOf({ from, to }: LoadAsked): number {
    return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000) + 1;
}
