import { route, type PlainRoute } from '@/lib/route';
import { Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';

interface RouteTabsProps {
    label: string;
    /** What each route is called, in their order. */
    tabs: NamedRoutes;
}

type NamedRoutes = Readonly<Partial<Record<PlainRoute, string>>>;

function entriesOf(tabs: NamedRoutes): (readonly [string, string])[] {
    return Object.entries(tabs).map(([name, called]) => [route(name as PlainRoute), called] as const);
}

/** The tabs of a section that is the same for everything. */
export function RouteTabs({ label, tabs }: RouteTabsProps) {
    return <SectionTabs label={label} tabs={entriesOf(tabs)} />;
}

interface GroupedTabsProps {
    label: string;
    /** What each group is called, and its tabs; the first of them is where the group leads. */
    groups: readonly (readonly [string, NamedRoutes])[];
}

/** The tabs of a section with many pages: its groups, and below them the tabs of the group that one is in. */
export function GroupedTabs({ label, groups }: GroupedTabsProps) {
    const path = usePage().url.split('?')[0] ?? '';
    const all = groups.map(([name, tabs]) => ({ name, tabs: entriesOf(tabs) }));
    const current = tabOf(
        path,
        all.flatMap(({ tabs }) => tabs.map(([href]) => href)),
    );
    const here = all.find(({ tabs }) => tabs.some(([href]) => href === current));

    return (
        <>
            <SectionTabs
                label={label}
                tabs={all.map(({ name, tabs }) => [tabs[0]?.[0] ?? '', name, tabs.map(([href]) => href)] as const)}
            />
            {here !== undefined && here.tabs.length > 1 && <SectionTabs label={here.name} tabs={here.tabs} />}
        </>
    );
}

interface SectionTabsProps {
    label: string;
    /** Addresses and what they are called; where a tab stands for several addresses, all of them. */
    tabs: readonly (readonly [string, string, (readonly string[])?])[];
}

/** The tab that a page belongs to: its own, or the one that its address continues. */
function tabOf(path: string, addresses: readonly string[]): string | undefined {
    return addresses
        .filter((address) => path === address || path.startsWith(`${address}/`))
        .sort((one, other) => other.length - one.length)[0];
}

/** The tabs of a section, as plain words in one line. */
export function SectionTabs({ label, tabs }: SectionTabsProps) {
    const path = usePage().url.split('?')[0] ?? '';
    const current = tabOf(
        path,
        tabs.flatMap(([href, , others]) => others ?? [href]),
    );

    return (
        <nav aria-label={label} className="no-print mb-2 flex flex-wrap gap-x-4 gap-y-1 text-[0.95em]">
            {tabs.map(([href, name, others]) => {
                const here = (others ?? [href]).some((address) => address === current);

                return (
                    <Link
                        key={href}
                        href={href}
                        aria-current={here ? (path === href ? 'page' : 'true') : undefined}
                        className={clsx(
                            'min-h-7 underline-offset-4',
                            here ? 'underline decoration-moss' : 'text-faded hover:underline',
                        )}
                    >
                        {name}
                    </Link>
                );
            })}
        </nav>
    );
}
