import { text } from '@/lib/text';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress, type Shown } from './address';

/** Hours or money in the table. */
export function ShownChoice({ code, shown }: { code: string; shown: Shown }) {
    return (
        <nav aria-label={text.projectPage.shown} className="no-print flex gap-4">
            {(['hours', 'money'] as const).map((choice) => (
                <Link
                    key={choice}
                    href={projectAddress(code, choice)}
                    preserveScroll
                    aria-current={choice === shown ? 'true' : undefined}
                    className={clsx(
                        'underline-offset-4',
                        choice === shown ? 'underline decoration-moss decoration-2' : 'hover:underline',
                    )}
                >
                    {choice === 'hours' ? text.projectPage.inHours : text.projectPage.inMoney}
                </Link>
            ))}
        </nav>
    );
}
