import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { DayUnit, DirectoryKind, DirectoryRowProps, TimesheetPeriod } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';
import { useReducer, useRef } from 'react';
import { TeamFields } from './TeamFields';

const copy = officeText.directoryPage;

interface DirectoryFormProps {
    kind: DirectoryKind;
    /** What is changed; without one, something new is added, and the next can be entered at once. */
    row?: DirectoryRowProps;
    onDone?: () => void;
}

/** What a timesheet of a team covers and is counted in. */
function timesheetOf(kind: DirectoryKind, row?: DirectoryRowProps): { period?: TimesheetPeriod; unit?: DayUnit | '' } {
    return kind === 'teams' ? { period: row?.period ?? 'week', unit: row?.unit ?? '' } : {};
}

/** A new team, role or client, or another name or lead of one. */
export function DirectoryForm({ kind, row, onDone }: DirectoryFormProps) {
    const form = useForm({
        name: row?.name ?? '',
        code: '',
        lead: row?.lead?.code ?? '',
        retired: row?.isRetired ?? false,
        ...timesheetOf(kind, row),
    });
    // The fields of a team begin anew with each one that is added.
    const [added, countAdded] = useReducer((count: number) => count + 1, 0);
    const name = useRef<HTMLInputElement>(null);
    const isNew = row === undefined;
    const afterwards = {
        preserveScroll: true,
        onSuccess: () => {
            onDone?.();
            if (isNew) {
                form.reset();
                countAdded();
                name.current?.focus();
            }
        },
    };
    const field = (of: 'name' | 'code') => ({
        value: form.data[of],
        onChange: (event: { target: { value: string } }) => {
            form.setData(of, event.target.value);
        },
    });

    return (
        <form
            aria-label={isNew ? copy.adds[kind] : copy.changeOf(row.name)}
            className="mt-4 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (isNew) {
                    form.post(route('office.directory.add', { kind }), afterwards);
                } else {
                    form.put(route('office.directory.save', { kind, code: row.code }), afterwards);
                }
            }}
        >
            <Field ref={name} label={copy.name} required autoFocus={!isNew} maxLength={200} className="w-60" {...field('name')} />
            {isNew && <Field label={copy.code} maxLength={32} className="w-32" {...field('code')} />}
            {kind === 'teams' && (
                <TeamFields
                    key={added}
                    row={row}
                    onChange={(fields) => {
                        form.setData({ ...form.data, ...fields });
                    }}
                />
            )}
            {!isNew && (
                <Checkbox
                    label={copy.retiredHint}
                    checked={form.data.retired}
                    onChange={(retired) => {
                        form.setData('retired', retired);
                    }}
                />
            )}
            <button type="submit" disabled={form.processing} className="act">
                {isNew ? copy.adds[kind] : copy.saves[kind]}
            </button>
            {!isNew && (
                <button type="button" className="act-quiet" onClick={onDone}>
                    {copy.cancel}
                </button>
            )}
            {form.hasErrors && (
                <div className="w-full">
                    <FieldError />
                </div>
            )}
        </form>
    );
}
