import { Head } from '@inertiajs/react';
import type { ReactNode } from 'react';

interface PageHeadingProps {
    /** A noun: the name of the page, also in the browser tab. */
    title: string;
    /** What the page found, in a sentence. */
    finding?: ReactNode;
    /** What can be done with the page as a whole. */
    children?: ReactNode;
}

/** The name of a page, and below it what it found. */
export function PageHeading({ title, finding, children }: PageHeadingProps) {
    return (
        <>
            <Head title={title} />
            <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <h1>{title}</h1>
                {children}
            </div>
            {finding !== undefined && <p className="max-w-prose">{finding}</p>}
        </>
    );
}
