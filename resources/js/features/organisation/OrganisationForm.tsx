import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OrganisationProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { WeekHours } from '@/ui/WeekHours';
import { useForm } from '@inertiajs/react';

const copy = officeText.organisationPage;

/** Name, currency, usual week and calendar. */
export function OrganisationForm({ organisation }: { organisation: OrganisationProps }) {
    const form = useForm({
        name: organisation.name,
        currency: organisation.currency,
        pattern: organisation.pattern,
        patternFrom: '',
        calendar: organisation.calendar ?? '',
    });

    return (
        <section aria-labelledby="settings">
            <h2 id="settings">{copy.settings}</h2>
            <form
                className="mt-2 flex flex-col gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.put(route('office.organisation.save'), { preserveScroll: true });
                }}
            >
                <Field
                    label={copy.organisation}
                    required
                    maxLength={200}
                    value={form.data.name}
                    onChange={(event) => {
                        form.setData('name', event.target.value);
                    }}
                />
                <div className="flex flex-wrap gap-4">
                    <Field
                        label={copy.currency}
                        required
                        maxLength={3}
                        className="w-20"
                        value={form.data.currency}
                        onChange={(event) => {
                            form.setData('currency', event.target.value.toUpperCase());
                        }}
                    />
                    <Select
                        label={copy.calendar}
                        value={form.data.calendar}
                        options={[['', copy.noCalendar], ...organisation.calendars.map((code) => [code, code] as const)]}
                        onChoose={(calendar) => {
                            form.setData('calendar', calendar);
                        }}
                    />
                </div>
                <WeekHours
                    label={copy.week}
                    hours={form.data.pattern}
                    onChange={(pattern) => {
                        form.setData('pattern', pattern);
                    }}
                />
                <DateField
                    label={copy.weekFrom}
                    onPick={(patternFrom) => {
                        form.setData('patternFrom', patternFrom);
                    }}
                />
                <p className="pencilled">{copy.weekFromHint}</p>
                <button type="submit" disabled={form.processing} className="act self-start">
                    {copy.save}
                </button>
            </form>
        </section>
    );
}
