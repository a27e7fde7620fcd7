import { usePage } from '@inertiajs/react';

/** What was wrong in a form that was sent, each said once; where a page has several forms, in the named fields of this one. */
export function FieldError({ of }: { of?: readonly string[] }) {
    const all = Object.entries(usePage().props.errors);
    const errors = [...new Set(all.filter(([field]) => of === undefined || of.includes(field)).map(([, error]) => error))];

    return errors.length === 0 ? null : (
        <div role="alert" className="mt-1 border-s-2 border-brick ps-2 text-brick">
            {errors.map((error) => (
                <p key={error}>{error}</p>
            ))}
        </div>
    );
}
