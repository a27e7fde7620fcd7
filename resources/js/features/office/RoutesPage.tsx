import { route } from '@/lib/route';
import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import type { RouteKind, RoutesProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Select } from '@/ui/Select';
import { SideScroll } from '@/ui/SideScroll';
import { Switch } from '@/ui/Switch';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';

const kinds: RouteKind[] = ['none', 'project', 'line', 'project+line'];
const stored = { preserveScroll: true, preserveState: true } as const;

/** Who approves: the organisation's way, and the projects that have their own. */
export function RoutesPage({ routes }: { routes: RoutesProps }) {
    const copy = officeText.officePage.routes;
    const options = kinds.map((kind) => [kind, copy.kinds[kind]] as const);
    const pages = Math.ceil(routes.projectCount / routes.atOnce);
    const address = (page: number) => route('office.routes', {}, { search: routes.search, page });
    const set = (kind: string, selfApprove: boolean) => {
        router.put(route('office.routes.set'), { route: kind, selfApprove }, stored);
    };

    return (
        <OfficeShell title={copy.name} finding={copy.finding(copy.kinds[routes.default])}>
            <FieldError />
            <div className="mt-2 flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                <Select
                    label={copy.default}
                    value={routes.default}
                    options={options}
                    onChoose={(kind) => {
                        set(kind, routes.selfApprove);
                    }}
                />
                <Switch
                    label={copy.selfApprove}
                    isOn={routes.selfApprove}
                    onTurn={(isOn) => {
                        set(routes.default, isOn);
                    }}
                />
            </div>
            <p className="mt-2 max-w-prose text-faded">
                {copy.explained} {routes.withoutManager.length > 0 && copy.withoutManager(printList(routes.withoutManager))}
            </p>
            <SearchBox
                className="mt-3"
                label={copy.search}
                value={routes.search}
                address={(search) => route('office.routes', {}, { search })}
            />
            <RoutesTable routes={routes} options={options} />
            <Paging page={routes.page} pages={pages} address={address} className="mt-2" />
        </OfficeShell>
    );
}

interface RoutesTableProps {
    routes: RoutesProps;
    options: (readonly [RouteKind, string])[];
}

function RoutesTable({ routes, options }: RoutesTableProps) {
    const copy = officeText.officePage.routes;

    return (
        <SideScroll onlyNarrow label={copy.name}>
            <table className="sticky-head mt-2 w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{copy.project}</th>
                        <th scope="col">{copy.manager}</th>
                        <th scope="col" className="pe-4 text-end">
                            {copy.waiting}
                        </th>
                        <th scope="col">{copy.route}</th>
                    </tr>
                </thead>
                <tbody>
                    {routes.projects.map((project) => (
                        <tr key={project.code} className="border-t border-rule">
                            <th scope="row" className="py-1 pe-2">
                                {project.name}
                            </th>
                            <td className="pe-2">{project.manager}</td>
                            <td className="pe-4 text-end">{project.waiting === 0 ? '' : project.waiting}</td>
                            <td>
                                <Select
                                    hidesLabel
                                    label={copy.routeOf(project.name)}
                                    value={project.route ?? ''}
                                    options={[['', copy.asOrganisation(copy.kinds[routes.default])], ...options]}
                                    {...(project.route === null ? { className: 'pencilled' } : {})}
                                    onChoose={(kind) => {
                                        router.put(
                                            route('office.routes.set-of-project', { project: project.code }),
                                            { route: kind === '' ? null : kind },
                                            stored,
                                        );
                                    }}
                                />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </SideScroll>
    );
}
