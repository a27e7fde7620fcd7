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

/** The tabs of a section, as plain words in one line. */
export function SectionTabs({ label, tabs }: SectionTabsProps) {
    const { url } = usePage();

    return (
        <nav aria-label={label} className="no-print mb-2 flex flex-wrap gap-x-4 gap-y-1 text-[0.95em]">
            {tabs.map(([href, name]) => {
                const here = url.split('?')[0] === href;

                return (
                    <Link
                        key={href}
                        href={href}
                        aria-current={here ? 'page' : undefined}
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
