import { text } from '@/lib/text';
import type { FoundAssigneeProps, OptionProps } from '@/types/generated/props';
import { useEffect, useId, useRef, useState } from 'react';
import { DateField } from '@/ui/DateField';
import type { PastedLine } from './pastedLines';
import type { Faults } from './usePlan';

interface AddFormProps {
    /** The task that somebody is put on; null for a new task. */
    task: { id: number; name: string } | null;
    roles: OptionProps[];
    found: FoundAssigneeProps[];
    faults: Faults;
    onAsk: (typed: string) => void;
    onAdd: (line: PastedLine) => Promise<boolean>;
    onClose: () => void;
}

const fieldsOfTask = ['task', 'phase', 'who', 'planned', 'startsOn', 'endsOn'] as const;
const fieldsOfPerson = ['who', 'role', 'planned', 'startsOn', 'endsOn'] as const;

/** A new task, with somebody on it at once if one likes; or somebody on a task. Enter adds it and goes on to the next. */
export function AddForm({ task, roles, found, faults, onAsk, onAdd, onClose }: AddFormProps) {
    const fields = task === null ? fieldsOfTask : fieldsOfPerson;
    const [line, setLine] = useState<PastedLine>({});
    const [added, setAdded] = useState(0);
    const first = useRef<HTMLInputElement>(null);
    const list = useId();
    useEffect(() => {
        first.current?.focus();
    }, [task?.id]);
    const chosen = (label: string | undefined) => {
        const named = found.filter(({ name }) => name === label?.trim());

        return named.length === 1 ? named[0]?.key : label;
    };
    const title = task === null ? text.plan.newTask : text.plan.newPerson(task.name);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                const who = chosen(line.who);
                void onAdd(who === undefined ? line : { ...line, who }).then((isAdded) => {
                    if (isAdded) {
                        // The days stay for the next, since they are often the same.
                        setAdded((count) => count + 1);
                        setLine({ startsOn: line.startsOn ?? '', endsOn: line.endsOn ?? '', phase: line.phase ?? '' });
                        first.current?.focus();
                    }
                });
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 className="[overflow-wrap:anywhere]">{title}</h2>
            {fields.map((field, index) =>
                field === 'startsOn' || field === 'endsOn' ? (
                    <DateField
                        key={`${field} ${added}`}
                        label={text.plan.fields[field]}
                        defaultValue={line[field]}
                        fault={faults[`0.${field}`]}
                        onPick={(day) => {
                            setLine((before) => ({ ...before, [field]: day }));
                        }}
                    />
                ) : (
                    <label key={field} className="flex flex-col gap-0.5">
                        <span className="text-faded">{text.plan.fields[field]}</span>
                        <input
                            ref={index === 0 ? first : undefined}
                            value={line[field] ?? ''}
                            maxLength={300}
                            list={field === 'who' ? `${list}-who` : field === 'role' ? `${list}-role` : undefined}
                            aria-invalid={faults[`0.${field}`] !== undefined}
                            className="min-h-8 border-b border-edge bg-sheet px-2"
                            onFocus={() => {
                                if (field === 'who') {
                                    onAsk(line.who ?? '');
                                }
                            }}
                            onChange={(event) => {
                                setLine({ ...line, [field]: event.target.value });
                                if (field === 'who') {
                                    onAsk(event.target.value);
                                }
                            }}
                        />
                        {faults[`0.${field}`] !== undefined && <span className="text-brick">{faults[`0.${field}`]}</span>}
                    </label>
                ),
            )}
            <datalist id={`${list}-who`}>
                {found.map(({ key, name }) => (
                    <option key={key} value={name} />
                ))}
            </datalist>
            <datalist id={`${list}-role`}>
                {roles.map(({ code, name }) => (
                    <option key={code} value={name} />
                ))}
            </datalist>
            <p className="flex flex-wrap gap-2">
                <button type="submit" className="act act-main">
                    {text.plan.add}
                </button>
                <button type="button" className="act" onClick={onClose}>
                    {text.week.close}
                </button>
            </p>
        </form>
    );
}
