import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, QuickReadingProps } from '@/types/generated/props';
import { useId, useState, type RefObject } from 'react';
import type { Cells } from './cells';
import { times } from './clockView';
import { optionAfter } from './offers';
import { replacedBy } from './quickLine';
import { TaskOption } from './TaskOption';
import type { useQuickLine } from './useQuickLine';

interface QuickLineProps {
    quick: ReturnType<typeof useQuickLine>;
    field: RefObject<HTMLInputElement | null>;
    cells: Cells;
    format: HoursFormat;
    onInk: (reading: QuickReadingProps) => void;
    onSubmit: () => void;
    onLeave: () => void;
}

/** What was understood, in one sentence. */
function understood(reading: QuickReadingProps, cells: Cells, format: HoursFormat): string {
    const { task, days, minutes, adds, note, times: span, starts } = reading;
    const replaced = replacedBy(reading, cells);
    const hours = hoursWithUnit(minutes, format);

    const name = [task?.projectName, task?.taskName, task?.roleName].filter((part) => part != null).join(' · ');
    const said = [note === '' ? null : text.week.quick.note(note)].filter((part) => part !== null);
    if (starts) {
        return [text.week.quick.timer(name), ...said].join('; ');
    }

    return [
        text.week.quick.understood(
            span !== null
                ? text.week.quick.times(times(span), hours)
                : minutes === 0
                  ? text.week.empty
                  : adds
                    ? text.week.quick.more(hours)
                    : hours,
            name,
            printList(days.map(shortDay)),
        ),
        ...said,
        replaced === null ? null : text.week.quick.replaces(hoursWithUnit(replaced, format)),
    ]
        .filter((part) => part !== null)
        .join('; ');
}

/** One line of text that records time: read while it is typed, shown in pencil, inked by Enter. */
export function QuickLine({ quick, field, cells, format, onInk, onSubmit, onLeave }: QuickLineProps) {
    const id = useId();
    const [at, setAt] = useState(0);
    const { reading } = quick;
    const candidates = reading?.candidates ?? [];
    const chosen = candidates[Math.min(at, candidates.length - 1)];
    const ink = async () => {
        if (chosen !== undefined) {
            quick.choose(chosen.task);
            setAt(0);

            return;
        }
        const found = await quick.ask();
        if (found !== null && found.task !== null && found.message === null) {
            onInk(found);
            quick.clear();
        }
    };

    return (
        <div className="no-print mt-3 max-w-3xl" role="search" aria-label={text.week.quick.label}>
            <div className="flex items-baseline gap-2">
                <label htmlFor={`${id}-line`} className="text-faded">
                    {text.week.quick.label}
                </label>
                <input
                    id={`${id}-line`}
                    ref={field}
                    role="combobox"
                    aria-expanded={candidates.length > 0}
                    aria-controls={`${id}-tasks`}
                    aria-activedescendant={chosen === undefined ? undefined : `${id}-${chosen.task}`}
                    aria-describedby={`${id}-says`}
                    value={quick.line}
                    placeholder={text.week.quick.example}
                    autoComplete="off"
                    maxLength={2000}
                    className="min-h-9 min-w-0 flex-1 border-b border-edge bg-sheet px-2 placeholder:text-pencil placeholder:italic"
                    onChange={(event) => {
                        quick.type(event.currentTarget.value);
                        setAt(0);
                    }}
                    onKeyDown={(event) => {
                        const to = optionAfter(event.key, at, candidates.length);
                        if (event.key === 'Escape') {
                            quick.clear();
                            onLeave();
                        } else if (event.key === 'Enter') {
                            event.preventDefault();
                            if (quick.line.trim() !== '') {
                                void ink();
                            } else if (event.ctrlKey || event.metaKey) {
                                onSubmit();
                            }
                        } else if (to !== null) {
                            event.preventDefault();
                            setAt(to);
                        }
                    }}
                />
            </div>
            <QuickLineSays id={`${id}-says`} quick={quick} cells={cells} format={format} />
            <div id={`${id}-tasks`} role="listbox" aria-label={text.week.search.found} hidden={candidates.length === 0}>
                {candidates.map((task) => (
                    <TaskOption
                        key={task.task}
                        id={`${id}-${task.task}`}
                        task={task}
                        isChosen={task === chosen}
                        about={[]}
                        onChoose={() => {
                            quick.choose(task.task);
                        }}
                    />
                ))}
            </div>
        </div>
    );
}

/** What was understood, or why nothing was. */
function QuickLineSays({ id, quick, cells, format }: Pick<QuickLineProps, 'quick' | 'cells' | 'format'> & { id: string }) {
    const { reading } = quick;

    return (
        <p id={id} role="status" className="min-h-6 pt-0.5">
            {reading?.message != null && <span className="text-ochre">{reading.message}</span>}
            {reading?.message === null && reading.task !== null && (
                <span className="pencilled">
                    {understood(reading, cells, format)} –{' '}
                    {reading.starts ? text.week.quick.enterStarts : text.week.quick.enterInks}
                </span>
            )}
            {quick.lost !== null && <span className="text-brick">{quick.lost}</span>}
        </p>
    );
}
