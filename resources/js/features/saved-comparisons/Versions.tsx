import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { ComparisonVersionProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = text.savedPage;

/** What the comparison was after each change; each can be opened, and saved again. */
export function Versions({ versions }: { versions: readonly ComparisonVersionProps[] }) {
    return (
        <section aria-label={copy.versions}>
            <h3>{copy.versions}</h3>
            <ul>
                {versions.map(({ number, name, address, by, at }) => (
                    <li key={number} className="border-t border-rule py-1">
                        <Link href={`${route('compare')}?${address}`} className="act-quiet inline-block [overflow-wrap:anywhere]">
                            {copy.version(number, name)}
                        </Link>
                        <span className="block text-faded">{copy.changed(by, instant(at))}</span>
                    </li>
                ))}
            </ul>
        </section>
    );
}
