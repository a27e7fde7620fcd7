import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import { Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';
import type { ReactNode } from 'react';
import { AccountMenu } from './AccountMenu';
import { ThemeChoice } from './ThemeChoice';

function Section({ href, also, children }: { href: string; also?: readonly string[]; children: ReactNode }) {
    const { url } = usePage();
    const here = url.startsWith(href) || also?.some((one) => url.startsWith(one)) === true;

    return (
        <Link
            href={href}
            aria-current={here ? 'page' : undefined}
            className={clsx('py-1 underline-offset-[6px]', here ? 'underline decoration-moss decoration-2' : 'hover:underline')}
        >
            {children}
        </Link>
    );
}

interface ShellProps {
    children: ReactNode;
    /** Where the work of the page begins, for who skips what is above it. */
    skipTo?: string;
}

/** The frame of every page: the sections in one line, what was just done, and the work below. */
export function Shell({ children, skipTo = '#page' }: ShellProps) {
    const { signedIn, message, refusal } = useShared();

    return (
        <div className="mx-auto flex min-h-dvh max-w-[96rem] flex-col px-4 sm:px-6">
            <a href={skipTo} className="sr-only focus:not-sr-only">
                {text.skip}
            </a>
            <header className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule py-1.5">
                {signedIn !== null && <span className="text-moss italic">{text.app}</span>}
                {signedIn !== null && (
                    <nav aria-label={text.sections} className="flex flex-wrap gap-x-5">
                        {signedIn.recordsTime && <Section href="/week">{text.myWeek}</Section>}
                        {signedIn.recordsTime && (
                            <Section href="/timesheets" also={['/people']}>
                                {text.sheets}
                            </Section>
                        )}
                        {signedIn.reviews && (
                            <Section href="/review" also={['/stand-ins', '/not-submitted']}>
                                {text.review}
                                {signedIn.waiting > 0 && (
                                    <span className="ms-1.5 text-ochre" title={text.waiting(signedIn.waiting)}>
                                        {signedIn.waiting}
                                    </span>
                                )}
                            </Section>
                        )}
                        {signedIn.seesProjects && <Section href="/projects">{text.projects}</Section>}
                        {signedIn.isOffice && <Section href="/office">{text.office}</Section>}
                    </nav>
                )}
                <span className="ms-auto flex flex-wrap items-center gap-x-4 text-faded">
                    {signedIn !== null && (
                        <Link
                            href="/messages"
                            className="min-h-6 text-ink underline-offset-4 hover:underline"
                            title={signedIn.unread > 0 ? text.unread(signedIn.unread) : undefined}
                        >
                            {text.messages}
                            {signedIn.unread > 0 && <span className="ms-1.5 text-ochre">{signedIn.unread}</span>}
                        </Link>
                    )}
                    {signedIn === null ? <ThemeChoice /> : <AccountMenu person={signedIn} />}
                </span>
            </header>
            <main id="page" tabIndex={-1} className="flex-1 pt-3 pb-8 outline-none">
                <p role="status" className={clsx('text-moss', message !== null && 'mb-2')}>
                    {message}
                </p>
                {refusal !== null && (
                    <p role="alert" className="mb-3 border-s-2 border-brick ps-3 text-brick">
                        {refusal}
                    </p>
                )}
                {typeof signedIn?.recalculated === 'number' && (
                    <p className="mb-2 border-s-2 border-ochre ps-3 text-ochre">{text.recalculating(signedIn.recalculated)}</p>
                )}
                {children}
            </main>
        </div>
    );
}
