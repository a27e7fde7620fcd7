import { router } from '@inertiajs/react';
import clsx from 'clsx';

interface SearchBoxProps {
    label: string;
    /** What is looked for now. */
    value: string;
    /** Where it is looked for. */
    address: (search: string) => string;
    className?: string;
}

/** Looks for words in a list; Enter asks. */
export function SearchBox({ label, value, address, className }: SearchBoxProps) {
    return (
        <form
            role="search"
            className={clsx('no-print', className)}
            onSubmit={(event) => {
                event.preventDefault();
                const said = new FormData(event.currentTarget).get('search');
                router.get(address(typeof said === 'string' ? said : ''));
            }}
        >
            <input
                type="search"
                name="search"
                defaultValue={value}
                aria-label={label}
                placeholder={label}
                className="min-h-9 w-64 max-w-full border-b border-edge bg-sheet px-2"
            />
        </form>
    );
}
