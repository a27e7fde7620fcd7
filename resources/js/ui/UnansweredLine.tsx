import { text } from '@/lib/text';
import { lookAgain, useUnanswered } from '@/lib/unanswered';
import { router } from '@inertiajs/react';

/** Says that the server did not answer, and what can be done about it. In sight wherever one has scrolled to. */
export function UnansweredLine() {
    const unanswered = useUnanswered();

    return (
        unanswered !== null && (
            <p role="alert" className="sticky top-0 z-30 mb-3 border-s-2 border-brick bg-sheet py-1 ps-3 text-brick">
                {unanswered.kind === 'page' ? text.unanswered.page : text.unanswered.act}{' '}
                <button
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        if (unanswered.kind === 'page') {
                            router.visit(unanswered.address, { preserveScroll: true });
                        } else {
                            lookAgain();
                        }
                    }}
                >
                    {unanswered.kind === 'page' ? text.loading.again : text.unanswered.look}
                </button>
            </p>
        )
    );
}
