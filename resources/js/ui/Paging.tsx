import { text } from '@/lib/text';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';

interface PagingProps {
    page: number;
    pages: number;
    /** Where another page is. */
    address: (page: number) => string;
    /** Where one is, in other words than the number of the page. */
    said?: string;
    className?: string;
}

/** Leads through a list that is shown a page at a time; nothing where all of it fits. */
export function Paging({ page, pages, address, said, className }: PagingProps) {
    return (
        pages > 1 && (
            <p className={clsx('no-print flex flex-wrap gap-x-3', className)}>
                <span className="text-faded">{said ?? text.paging.of(page, pages)}</span>
                {page > 1 && (
                    <Link className="act-quiet" href={address(page - 1)}>
                        {text.paging.before}
                    </Link>
                )}
                {page < pages && (
                    <Link className="act-quiet" href={address(page + 1)}>
                        {text.paging.after}
                    </Link>
                )}
            </p>
        )
    );
}
