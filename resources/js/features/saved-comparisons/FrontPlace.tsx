import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedComparisonProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

const copy = text.savedPage;

/** Puts a comparison on the front page, moves it up there, or takes it away. */
export function FrontPlace({ comparison, front }: { comparison: SavedComparisonProps; front: readonly number[] }) {
    const { id, name, place } = comparison;
    const arrange = (comparisons: readonly number[]) => () => {
        router.put(route('comparisons.arrange'), { comparisons: [...comparisons] }, { preserveScroll: true });
    };
    if (place === null) {
        return (
            <button type="button" className="act-quiet" aria-label={copy.putOf(name)} onClick={arrange([...front, id])}>
                {copy.put}
            </button>
        );
    }
    const index = front.indexOf(id);
    const before = front[index - 1];

    return (
        <span className="flex flex-wrap items-baseline gap-x-4">
            <span className="text-faded">{copy.place(index + 1)}</span>
            {before !== undefined && (
                <button
                    type="button"
                    className="act-quiet"
                    aria-label={copy.upOf(name)}
                    onClick={arrange([...front.slice(0, index - 1), id, before, ...front.slice(index + 1)])}
                >
                    {copy.up}
                </button>
            )}
            <button
                type="button"
                className="act-quiet"
                aria-label={copy.takeOf(name)}
                onClick={arrange(front.filter((one) => one !== id))}
            >
                {copy.take}
            </button>
        </span>
    );
}
