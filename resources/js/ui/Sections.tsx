import { useNarrow } from '@/lib/useNarrow';
import { route, routePrefix } from '@/lib/route';
import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';
import { Opener } from './Opener';
import { soon } from './soon';

const Menu = soon(async () => (await import('./Menu')).Menu);

interface Section {
    href: string;
    name: string;
    /** What waits there; 0 for nothing. */
    count: number;
    isHere: boolean;
}

/** What the place is called where somebody records their time. */
function timesheetName({ timesheet }: SignedInProps): string {
    if (timesheet === null) {
        return text.myWeek;
    }

    return timesheet.period === 'month' ? text.myMonth : text.myTimesheet;
}

/** How much of an address a section's own is; 0 where it is another's. */
function matchOf(url: string, address: string): number {
    const isHere = address === '/' ? url.split('?')[0] === address : url.startsWith(address);

    return isHere ? address.length : 0;
}

/** Where somebody's own expenses are, whatever the week. */
function ownExpenses({ code, week }: SignedInProps): string {
    return route('expenses', { person: code, week }).replace(week, '');
}

/** The sections that somebody has, and the one that they are in: of several that an address continues, the longest. */
function sectionsOf(signedIn: SignedInProps, url: string): Section[] {
    const sections = allSections(signedIn, url);
    const longest = Math.max(...sections.map(({ match }) => match));

    return sections.map(({ match, ...section }) => ({ ...section, isHere: match > 0 && match === longest }));
}

function allSections(signedIn: SignedInProps, url: string) {
    const of = (isTheirs: boolean, name: string, [href, ...also]: [string, ...string[]], count = 0) =>
        isTheirs ? [{ href, name, count, match: Math.max(...[href, ...also].map((one) => matchOf(url, one))) }] : [];

    return [
        ...of(signedIn.compares, text.frontPageName, [route('home')]),
        ...of(signedIn.recordsTime, timesheetName(signedIn), [
            signedIn.timesheet === null ? route('week.current') : route('month.current'),
            route('week.current'),
            route('month.current'),
            route('my-figures'),
            route('appointments'),
        ]),
        ...of(signedIn.recordsTime, text.tasks.title, [route('tasks')]),
        ...of(signedIn.spends, text.expensesName, [route('expenses.current'), ownExpenses(signedIn)]),
        ...of(signedIn.recordsTime, text.sheets, [route('timesheets'), routePrefix('week.of')]),
        ...of(signedIn.recordsTime, text.leaveName, [route('leave')], signedIn.leaveWaiting),
        ...of(signedIn.reviews, text.review, [route('review'), route('stand-ins'), route('not-submitted')], signedIn.waiting),
        ...of(signedIn.seesProjects, text.projects, [route('projects')]),
        ...of(signedIn.requestsWork, text.requestsName, [route('requests')]),
        ...of(signedIn.compares, text.compare, [
            route('compare'),
            route('comparisons'),
            route('load'),
            route('reported'),
            route('past-tasks'),
        ]),
        ...of(signedIn.isOffice, text.office, [route('office.today')]),
    ];
}

/** The sections in one line; on a narrow screen under the name of the one that one is in. */
export function Sections({ signedIn }: { signedIn: SignedInProps }) {
    const { url } = usePage();
    const isNarrow = useNarrow();
    const sections = sectionsOf(signedIn, url);

    if (isNarrow && sections.length > 2) {
        return <SectionMenu sections={sections} />;
    }

    return (
        <nav aria-label={text.sections} className="flex flex-wrap gap-x-5">
            {sections.map((section) => (
                <Link
                    key={section.href}
                    href={section.href}
                    aria-current={section.isHere ? 'page' : undefined}
                    className={clsx(
                        'py-1 underline-offset-[6px]',
                        section.isHere ? 'underline decoration-moss decoration-2' : 'hover:underline',
                    )}
                >
                    <SectionName {...section} />
                </Link>
            ))}
        </nav>
    );
}

function SectionName({ name, count }: Section) {
    return (
        <>
            {name}
            {count > 0 && (
                <span className="ms-1.5 text-ochre" title={text.waiting(count)}>
                    {count}
                </span>
            )}
        </>
    );
}

function SectionMenu({ sections }: { sections: Section[] }) {
    return (
        <Opener
            button={(onClick) => (
                <button type="button" aria-haspopup="menu" className="min-h-11 cursor-pointer font-semibold" onClick={onClick}>
                    {sections.find(({ isHere }) => isHere)?.name ?? text.sections} <span className="text-faded">▾</span>
                </button>
            )}
        >
            {(opened, meanwhile) => (
                <Menu
                    label={text.sections}
                    {...opened}
                    meanwhile={meanwhile}
                    items={sections.map((section) => ({
                        href: section.href,
                        isHere: section.isHere,
                        content: <SectionName {...section} />,
                    }))}
                />
            )}
        </Opener>
    );
}
