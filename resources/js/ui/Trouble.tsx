import { usePage } from '@inertiajs/react';

/** What was wrong in a form that was sent, each said once. */
export function Trouble() {
    const errors = [...new Set(Object.values(usePage().props.errors))];

    return errors.length === 0 ? null : (
        <ul role="alert" className="mt-1 border-s-2 border-brick ps-2 text-brick">
            {errors.map((error) => (
                <li key={error}>{error}</li>
            ))}
        </ul>
    );
}
