import { route, type Query } from '@/lib/route';
import type { ProjectSort, ProjectsProps } from '@/types/generated/props';

/** What of the list is asked for; what is left out stays as it is. */
export interface Asked {
    search: string;
    state: string;
    manager: string;
    only: string;
    sort: ProjectSort;
    page: number;
}

/** The address of the list as it is, with something else asked for. Another question begins on the first page. */
export function listAddress(list: ProjectsProps, changed: Partial<Asked>): string {
    const asked: Asked = {
        search: list.search,
        state: list.state,
        manager: list.manager,
        only: list.concern,
        sort: list.sort,
        page: 1,
        ...changed,
    };
    const usual: Partial<Record<keyof Asked, string>> = { state: 'open', sort: 'attention', page: '1' };
    const query = Object.entries(asked).filter(([name, value]) => String(value) !== (usual[name as keyof Asked] ?? ''));

    return route('projects', {}, Object.fromEntries(query) as Query);
}
