import { read } from '@/lib/http';
import { text } from '@/lib/text';
import type { TaskOffersProps } from '@/types/generated/props';
import { useEffect, useId, useState } from 'react';
import { Select } from '@/ui/Select';
import { groupedOffers, optionAfter } from './offers';
import { TaskOption } from './TaskOption';

interface LineSearchProps {
    address: string;
    /** Keys of lines that the sheet shows already. */
    shown: ReadonlySet<string>;
    onAdd: (line: string) => void;
    onClose: () => void;
}

const WAIT = 120;

/** Finds a task to add a line for: recent ones first, then one's own, the team's, what is planned for later, and time without a project. */
export function LineSearch({ address, shown, onAdd, onClose }: LineSearchProps) {
    const list = useId();
    const [search, searchFor] = useState('');
    const [offers, offer] = useState<TaskOffersProps | null>(null);
    const [at, setAt] = useState(0);
    const [role, setRole] = useState<number | null>(null);
    const groups = groupedOffers(shown, offers?.tasks ?? [], search !== '');
    const tasks = groups.flatMap((group) => group.offers);
    const chosen = tasks[Math.min(at, tasks.length - 1)];
    const lineOf = (task: { task: number; line: string }) => (role === null ? task.line : `${task.task}:${role}`);

    useEffect(() => {
        let isLate = false;
        const timer = window.setTimeout(() => {
            void read<TaskOffersProps>(`${address}/lines`, { search }).then((found) => {
                if (!isLate && found !== null) {
                    offer(found);
                    setAt(0);
                }
            });
        }, WAIT);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [address, search]);

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
            {offers !== null && tasks.length === 0 && <p className="mt-2 text-faded">{text.week.search.none}</p>}
            <div id={list} role="listbox" aria-label={text.week.search.found} className="mt-2 max-h-[60vh] overflow-y-auto">
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
                                id={`${list}-${task.task}`}
                                task={task}
                                isChosen={task === chosen}
                                about={[task.chargeCode, shown.has(lineOf(task)) ? text.week.search.shown : null]}
                                onChoose={() => {
                                    onAdd(lineOf(task));
                                }}
                            />
                        ))}
                    </div>
                ))}
            </div>
            {offers !== null && offers.more > 0 && <p className="pencilled mt-1">{text.week.search.more(offers.more)}</p>}
        </section>
    );
}
