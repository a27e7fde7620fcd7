import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';

const copy = text.week.intro;

/** Told once, to whoever sees pencil and ink for the first time. */
export function PencilIntro() {
    return (
        <section aria-label={copy.title} className="my-2 max-w-prose border-s-2 border-moss ps-3">
            <p className="pencilled">{copy.pencil}</p>
            <p>{copy.ink}</p>
            <p>{copy.keys}</p>
            <button
                type="button"
                className="act-quiet mt-1"
                onClick={() => {
                    router.patch(route('preferences'), { knowsPencil: true }, { preserveScroll: true, preserveState: true });
                }}
            >
                {copy.done}
            </button>
        </section>
    );
}
