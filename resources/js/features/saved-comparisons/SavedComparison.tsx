import { periodName } from '@/features/compare';
import { span } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedComparisonProps } from '@/types/generated/props';
import { Foldout } from '@/ui/Foldout';
import { Link } from '@inertiajs/react';
import { FrontPlace } from './FrontPlace';
import { MailForm } from './MailForm';
import { NameForm } from './NameForm';
import { ShareForm } from './ShareForm';
import { Versions } from './Versions';

const copy = text.savedPage;

interface SavedComparisonItemProps {
    comparison: SavedComparisonProps;
    /** Which comparisons are on the front page, in their order. */
    front: readonly number[];
}

/** One saved comparison: where it leads, of what it is, and below that what can be done with it. */
export function SavedComparison({ comparison, front }: SavedComparisonItemProps) {
    const { id, name, mayChange } = comparison;

    return (
        <div className="py-2">
            <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
                <h2 className="min-w-0">
                    <Link
                        href={route('comparisons.open', { saved: id })}
                        className="underline decoration-rule underline-offset-4 [overflow-wrap:anywhere] hover:decoration-ink"
                    >
                        {name}
                    </Link>
                </h2>
                <FrontPlace comparison={comparison} front={front} />
            </div>
            <p className="text-faded">{facts(comparison).join(' · ')}</p>
            <Foldout line={<span>{mayChange ? copy.options : copy.readerOptions}</span>} contentClassName="pb-3 ps-5">
                <div className="grid gap-x-10 gap-y-5 md:grid-cols-2">
                    <MailForm comparison={comparison} />
                    {mayChange && <ShareForm comparison={comparison} />}
                    {mayChange && <NameForm comparison={comparison} />}
                    <Versions versions={comparison.versions} />
                </div>
            </Foldout>
        </div>
    );
}

function facts({ period, first, last, isOwn, owner, sharing, readers, mailing }: SavedComparisonProps): string[] {
    return [
        period === '' ? copy.fixed(span(first, last)) : copy.moves(periodName(period), span(first, last)),
        isOwn ? copy.own : copy.by(owner),
        copy.sharedWith(sharing, readers.map(({ name }) => name).join(', ')),
        ...(mailing === null ? [] : [copy.mailed(mailing.rhythm, mailing.day)]),
    ];
}
