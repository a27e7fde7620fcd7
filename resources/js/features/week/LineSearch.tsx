import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { SheetAddressProps } from '@/types/generated/props';
import { useId, useState } from 'react';
import { Select } from '@/ui/Select';
import { lineKey } from './lineKey';
import { OfferList, OfferNews } from './OfferList';
import { groupedOffers, optionAfter } from './offers';
import { useTaskOffers } from './useTaskOffers';

interface LineSearchProps {
    at: SheetAddressProps;
    /** Keys of lines that the sheet shows already. */
    shown: ReadonlySet<string>;
    onAdd: (line: string) => void;
    onClose: () => void;
}

/** Finds a task to add a line for: recent ones first, then one's own, the team's, what is planned for later, and time without a project. */
export function LineSearch({ at: sheet, shown, onAdd, onClose }: LineSearchProps) {
    const list = useId();
    const [search, searchFor] = useState('');
    const [at, setAt] = useState(0);
    const { offers, isLost } = useTaskOffers(
        sheet,
        search,
        useStable(() => {
            setAt(0);
        }),
    );
    const [role, setRole] = useState<number | null>(null);
    const groups = groupedOffers(shown, offers?.tasks ?? [], search !== '');
    const tasks = groups.flatMap((group) => group.offers);
    const chosen = tasks[Math.min(at, tasks.length - 1)];
    const lineOf = ({ task, line }: { task: number; line: string }) => (role === null ? line : lineKey({ task, role }));

    return (
        <section
            aria-labelledby="search-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 id="search-title">{text.week.search.title}</h2>
            <input
                autoFocus
                role="combobox"
                aria-expanded={tasks.length > 0}
                aria-controls={list}
                aria-activedescendant={chosen === undefined ? undefined : `${list}-${chosen.task}`}
                aria-label={text.week.search.label}
                placeholder={text.week.search.label}
                value={search}
                autoComplete="off"
                maxLength={200}
                className="mt-1 min-h-9 w-full border-b border-edge bg-sheet px-2"
                onChange={(event) => {
                    searchFor(event.currentTarget.value);
                }}
                onKeyDown={(event) => {
                    const to = optionAfter(event.key, at, tasks.length);
                    if (to !== null) {
                        event.preventDefault();
                        setAt(to);
                    } else if (event.key === 'Enter' && chosen !== undefined) {
                        event.preventDefault();
                        onAdd(lineOf(chosen));
                    }
                }}
            />
            <Select
                className="mt-1"
                label={text.week.search.role}
                value={role === null ? '' : String(role)}
                options={[
                    ['', text.week.search.ownRole],
                    ...(offers?.roles ?? []).map(({ id, name }) => [String(id), name] as const),
                ]}
                onChoose={(chosen) => {
                    setRole(chosen === '' ? null : Number(chosen));
                }}
            />
            <OfferList
                id={list}
                groups={groups}
                chosen={chosen}
                isShown={(task) => shown.has(lineOf(task))}
                onChoose={(task) => {
                    onAdd(lineOf(task));
                }}
            />
            <OfferNews offers={offers} isLost={isLost} isEmpty={tasks.length === 0} />
        </section>
    );
}
