import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { AbsenceKindRowProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';

const copy = text.absenceKindsPage;

/** Gives everything of one kind to another. */
export function MergeForm({ kind, others }: { kind: AbsenceKindRowProps; others: AbsenceKindRowProps[] }) {
    return (
        others.length > 0 && (
            <form
                aria-label={`${copy.merge}: ${kind.name}`}
                className="mt-3 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        route('office.absence-kinds.merge', { kind: kind.id }),
                        Object.fromEntries(new FormData(event.currentTarget)),
                        { preserveScroll: true },
                    );
                }}
            >
                <Select label={copy.mergeInto} name="into" options={others.map(({ id, name }) => [String(id), name] as const)} />
                <button type="submit" className="act">
                    {copy.merge}
                </button>
                <p className="w-full pencilled">{copy.mergeHint}</p>
            </form>
        )
    );
}
