import { Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';

interface PartsProps {
    label: string;
    /** Addresses and what they are called. */
    parts: readonly (readonly [string, string])[];
}

/** The parts of a section, as plain words in one line. */
export function Parts({ label, parts }: PartsProps) {
    const { url } = usePage();

    return (
        <nav aria-label={label} className="no-print mb-2 flex flex-wrap gap-x-4 text-[0.95em]">
            {parts.map(([href, name]) => {
                const here = url.split('?')[0] === href;

                return (
                    <Link
                        key={href}
                        href={href}
                        aria-current={here ? 'page' : undefined}
                        className={clsx(
                            'min-h-6 underline-offset-4',
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
