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
    const query = new URLSearchParams();
    const usual: Partial<Record<keyof Asked, string>> = { state: 'open', sort: 'attention', page: '1' };
    for (const [name, value] of Object.entries(asked) as [keyof Asked, string | number][]) {
        if (String(value) !== (usual[name] ?? '')) {
            query.set(name, String(value));
        }
    }
    const text = query.toString();

    return text === '' ? '/projects' : `/projects?${text}`;
}
