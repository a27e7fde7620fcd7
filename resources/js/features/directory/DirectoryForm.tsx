import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { DirectoryKind, OptionProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';
import { useRef, useState } from 'react';

const copy = text.directoryPage;

/** Adds a team, a role or a client; the next can be entered at once. */
export function DirectoryForm({ kind }: { kind: DirectoryKind }) {
    const form = useForm({ name: '', code: '', lead: '' });
    const name = useRef<HTMLInputElement>(null);
    const [lead, setLead] = useState<OptionProps[]>([]);

    return (
        <form
            aria-label={copy.adds[kind]}
            className="mt-4 flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('office.directory.add', { kind }), {
                    preserveScroll: true,
                    onSuccess: () => {
                        form.reset();
                        setLead([]);
                        name.current?.focus();
                    },
                });
            }}
        >
            <Field
                ref={name}
                label={copy.name}
                required
                maxLength={200}
                className="w-60"
                value={form.data.name}
                onChange={(event) => {
                    form.setData('name', event.target.value);
                }}
            />
            <Field
                label={copy.code}
                maxLength={32}
                className="w-32"
                value={form.data.code}
                onChange={(event) => {
                    form.setData('code', event.target.value);
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
                {copy.adds[kind]}
            </button>
            <div className="w-full">
                <FieldError />
            </div>
        </form>
    );
}
