import { route, type PlainRoute } from '@/lib/route';
import { Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';

interface RouteTabsProps {
    label: string;
    /** What each route is called, in their order. */
    tabs: Readonly<Partial<Record<PlainRoute, string>>>;
}

/** The tabs of a section that is the same for everything. */
export function RouteTabs({ label, tabs }: RouteTabsProps) {
    return (
        <SectionTabs
            label={label}
            tabs={Object.entries(tabs).map(([name, called]) => [route(name as PlainRoute), called] as const)}
        />
    );
}

interface SectionTabsProps {
    label: string;
    /** Addresses and what they are called. */
    tabs: readonly (readonly [string, string])[];
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
        tabs.map(([href]) => href),
    );

    return (
        <nav aria-label={label} className="no-print mb-2 flex flex-wrap gap-x-4 gap-y-1 text-[0.95em]">
            {tabs.map(([href, name]) => {
                const here = href === current;

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
