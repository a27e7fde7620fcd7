import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { DirectoryKind, DirectoryRowProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { useForm } from '@inertiajs/react';
import { useState } from 'react';

const copy = text.directoryPage;

interface RowFormProps {
    kind: DirectoryKind;
    row: DirectoryRowProps;
    onDone: () => void;
}

/** Another name, or another lead. */
export function DirectoryRowForm({ kind, row, onDone }: RowFormProps) {
    const form = useForm({ name: row.name, lead: row.lead?.code ?? '' });
    const [lead, setLead] = useState(row.lead === null ? [] : [row.lead]);

    return (
        <form
            aria-label={copy.changeOf(row.name)}
            className="flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('office.directory.save', { kind, code: row.code }), { preserveScroll: true, onSuccess: onDone });
            }}
        >
            <Field
                label={copy.name}
                required
                autoFocus
                maxLength={200}
                className="w-60"
                value={form.data.name}
                onChange={(event) => {
                    form.setData('name', event.target.value);
                }}
            />
            {kind === 'teams' && (
                <Combobox
                    label={copy.lead}
                    kind="people"
                    className="w-52"
                    chosen={lead}
                    onChange={(chosen) => {
                        setLead(chosen);
                        form.setData('lead', chosen[0]?.code ?? '');
                    }}
                />
            )}
            <button type="submit" disabled={form.processing} className="act">
                {copy.save}
            </button>
            <button type="button" className="act-quiet" onClick={onDone}>
                {copy.cancel}
            </button>
        </form>
    );
}
