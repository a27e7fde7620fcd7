import { text } from '@/lib/text';
import type { TaskOfferProps, TaskOffersProps } from '@/types/generated/props';
import type { groupedOffers } from './offers';
import { TaskOption } from './TaskOption';

interface OfferListProps {
    id: string;
    groups: ReturnType<typeof groupedOffers>;
    chosen: TaskOfferProps | undefined;
    /** Whether the sheet has a line for it already. */
    isShown: (task: TaskOfferProps) => boolean;
    onChoose: (task: TaskOfferProps) => void;
}

/** The tasks that a line can be added for, by group. */
export function OfferList({ id, groups, chosen, isShown, onChoose }: OfferListProps) {
    return (
        <div id={id} role="listbox" aria-label={text.week.search.found} className="mt-2 max-h-[60vh] overflow-y-auto">
            {groups.map(({ group, offers: some }) => (
                <div
                    key={group ?? 'found'}
                    role="group"
                    aria-label={group === null ? text.week.search.found : text.week.search.groups[group]}
                >
                    {group !== null && (
                        <p aria-hidden className="mt-1 text-faded">
                            {text.week.search.groups[group]}
                        </p>
                    )}
                    {some.map((task) => (
                        <TaskOption
                            key={task.task}
                            id={`${id}-${task.task}`}
                            task={task}
                            isChosen={task === chosen}
                            about={[task.chargeCode, isShown(task) ? text.week.search.shown : null]}
                            onChoose={() => {
                                onChoose(task);
                            }}
                        />
                    ))}
                </div>
            ))}
        </div>
    );
}

interface OfferNewsProps {
    offers: TaskOffersProps | null;
    isLost: boolean;
    isEmpty: boolean;
}

/** What is to be said of the offers: that they could not be loaded, that nothing matches, or that there are more. */
export function OfferNews({ offers, isLost, isEmpty }: OfferNewsProps) {
    if (isLost) {
        return (
            <p role="alert" className="mt-2 text-ochre">
                {text.combobox.lost}
            </p>
        );
    }
    if (offers === null) {
        return null;
    }

    return isEmpty ? (
        <p className="mt-2 text-faded">{text.week.search.none}</p>
    ) : (
        offers.more > 0 && <p className="pencilled mt-1">{text.week.search.more(offers.more)}</p>
    );
}
