import { text } from '@/lib/text';
import { Combobox } from '@/ui/Combobox';
import type { Option } from '@/ui/combobox';
import { DateField } from '@/ui/DateField';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { PastedLine } from './pastedLines';
import type { Faults } from './useServerPlan';

interface AddFormProps {
    /** The task that somebody is put on; null for a new task. */
    task: { id: number; name: string } | null;
    faults: Faults;
    onAdd: (line: PastedLine) => Promise<boolean>;
    onClose: () => void;
}

type FieldName = 'task' | 'phase' | 'who' | 'role' | 'planned' | 'startsOn' | 'endsOn';

const fieldsOfTask: FieldName[] = ['task', 'phase', 'who', 'planned', 'startsOn', 'endsOn'];
const fieldsOfPerson: FieldName[] = ['who', 'role', 'planned', 'startsOn', 'endsOn'];

/** A new task, with somebody on it at once if one likes; or somebody on a task. Enter adds it and goes on to the next. */
export function AddForm({ task, faults, onAdd, onClose }: AddFormProps) {
    const [line, setLine] = useState<PastedLine>({});
    const [added, setAdded] = useState(0);
    const first = useRef<HTMLInputElement>(null);
    useEffect(() => {
        first.current?.focus();
    }, [added]);
    const title = task === null ? text.plan.newTask : text.plan.newPerson(task.name);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                void onAdd(line).then((isAdded) => {
                    if (isAdded) {
                        // The days stay for the next, since they are often the same.
                        setLine({ startsOn: line.startsOn ?? '', endsOn: line.endsOn ?? '', phase: line.phase ?? '' });
                        setAdded((count) => count + 1);
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
            {(task === null ? fieldsOfTask : fieldsOfPerson).map((name, index) => (
                <LineField
                    key={`${name} ${added}`}
                    name={name}
                    value={line[name] ?? ''}
                    fault={faults[`0.${name}`]}
                    field={index === 0 ? first : undefined}
                    onType={(value) => {
                        setLine((before) => ({ ...before, [name]: value }));
                    }}
                />
            ))}
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

interface LineFieldProps {
    name: FieldName;
    value: string;
    fault: string | undefined;
    field: RefObject<HTMLInputElement | null> | undefined;
    onType: (value: string) => void;
}

function LineField({ name, value, fault, field, onType }: LineFieldProps) {
    const label = text.plan.fields[name];
    const [chosen, choose] = useState<Option[]>([]);
    if (name === 'startsOn' || name === 'endsOn') {
        return <DateField label={label} defaultValue={value} fault={fault} onPick={onType} />;
    }
    if (name === 'who' || name === 'role') {
        return (
            <Combobox
                label={label}
                kind={name === 'who' ? 'assignees' : 'roles'}
                field={field}
                fault={fault}
                takesNew
                chosen={chosen}
                onChange={(options) => {
                    choose(options);
                    onType(options[0]?.code ?? '');
                }}
            />
        );
    }

    return (
        <label className="flex flex-col gap-0.5">
            <span>{label}</span>
            <input
                ref={field}
                value={value}
                maxLength={300}
                aria-invalid={fault !== undefined}
                className="min-h-8 border-b border-edge bg-sheet px-2"
                onChange={(event) => {
                    onType(event.target.value);
                }}
            />
            {fault !== undefined && <span className="text-brick">{fault}</span>}
        </label>
    );
}
