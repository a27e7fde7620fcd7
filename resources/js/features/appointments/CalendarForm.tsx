import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { FileField } from '@/ui/FileField';
import { useForm } from '@inertiajs/react';

const copy = text.appointments;

/** Adds a calendar: an address that is asked again and again, or a file once. */
export function CalendarForm() {
    const form = useForm({ name: '', address: '', calendar: '', notesTitles: false });

    return (
        <form
            aria-label={copy.add}
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('appointments.add'), {
                    preserveScroll: true,
                    onSuccess: () => {
                        form.reset();
                    },
                });
            }}
        >
            <h2>{copy.add}</h2>
            <p className="pencilled">{copy.addHint}</p>
            <FieldError of={['name', 'address', 'calendar']} />
            <Field
                label={copy.name}
                value={form.data.name}
                maxLength={100}
                onChange={(event) => {
                    form.setData('name', event.currentTarget.value);
                }}
            />
            <Field
                label={copy.address}
                value={form.data.address}
                maxLength={2000}
                inputMode="url"
                onChange={(event) => {
                    form.setData('address', event.currentTarget.value);
                }}
            />
            <FileField
                label={copy.fileField}
                accept=".ics,text/calendar"
                onPick={(file) => {
                    void file?.text().then((calendar) => {
                        form.setData((data) => ({
                            ...data,
                            calendar,
                            name: data.name === '' ? file.name.replace(/\.ics$/i, '') : data.name,
                        }));
                    });
                }}
            />
            <Checkbox
                label={copy.notesTitles}
                checked={form.data.notesTitles}
                onChange={(notesTitles) => {
                    form.setData('notesTitles', notesTitles);
                }}
            />
            <button type="submit" className="act self-start" disabled={form.processing}>
                {copy.addNow}
            </button>
        </form>
    );
}
