import { officeText } from '@/lib/officeText';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { FileList } from '@/ui/FileList';
import { TextArea } from '@/ui/TextArea';
import type { Option } from '@/ui/combobox';
import { useForm } from '@inertiajs/react';
import { useState } from 'react';
import { useUploads } from '@/ui/useUploads';

const copy = officeText.workRequestsPage;

interface RequestFormProps {
    /** Where the request goes, and where its files begin. */
    address: string;
    begin: string;
    /** Somebody at a client says who they are; which client it is says the link. */
    isClient?: boolean;
}

/** Asks for work: what, for whom, until when, roughly how much, and files. */
export function RequestForm({ address, begin, isClient = false }: RequestFormProps) {
    const form = useForm({ title: '', description: '', client: '', wantedBy: '', about: '', name: '', email: '' });
    const [client, setClient] = useState<Option[]>([]);
    const uploads = useUploads(begin);
    const typed = (name: 'title' | 'about' | 'name' | 'email') => ({
        value: form.data[name],
        onChange: (event: { target: { value: string } }) => {
            form.setData(name, event.target.value);
        },
    });

    return (
        <form
            aria-label={copy.form}
            className="flex flex-col gap-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.transform((data) => ({ ...data, uploads: uploads.ids }));
                form.post(address);
            }}
        >
            <FieldError />
            {isClient && (
                <div className="flex flex-wrap gap-4">
                    <Field
                        label={officeText.clientIntakePage.name}
                        required
                        maxLength={200}
                        autoComplete="name"
                        {...typed('name')}
                    />
                    <Field
                        label={officeText.clientIntakePage.email}
                        required
                        type="email"
                        maxLength={200}
                        autoComplete="email"
                        {...typed('email')}
                    />
                </div>
            )}
            <Field label={copy.what} required maxLength={200} {...typed('title')} />
            <TextArea
                label={copy.description}
                maxLength={10000}
                value={form.data.description}
                onChange={(event) => {
                    form.setData('description', event.target.value);
                }}
            />
            <div className="flex flex-wrap gap-4">
                {!isClient && (
                    <Combobox
                        label={copy.client}
                        kind="clients"
                        className="w-52"
                        chosen={client}
                        onChange={(chosen) => {
                            setClient(chosen);
                            form.setData('client', chosen[0]?.code ?? '');
                        }}
                    />
                )}
                <DateField
                    label={copy.wantedBy}
                    onPick={(wantedBy) => {
                        form.setData('wantedBy', wantedBy);
                    }}
                />
                <Field label={copy.hours} inputMode="decimal" maxLength={20} className="w-40" {...typed('about')} />
            </div>
            <FileList uploads={uploads} label={officeText.uploads.files} hint={officeText.uploads.hint} />
            <button type="submit" disabled={form.processing || uploads.isSending} className="act act-main self-start">
                {copy.submit}
            </button>
        </form>
    );
}
