import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.organisationPage;

/** Adds a public holiday; one that is there on that day becomes another. */
export function HolidayForm({ calendar }: { calendar: string }) {
    // A form that was saved begins anew.
    const [count, setCount] = useState(0);

    return (
        <form
            key={count}
            aria-label={copy.addHoliday}
            className="mt-4 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.put(route('office.holidays.save', { calendar }), Object.fromEntries(new FormData(event.currentTarget)), {
                    preserveScroll: true,
                    onSuccess: () => {
                        setCount(count + 1);
                    },
                });
            }}
        >
            <DateField label={copy.date} name="date" required />
            <Field label={copy.holiday} name="name" required maxLength={200} className="w-52" />
            <Select label={copy.off} name="part" options={Object.entries(copy.parts)} />
            <button type="submit" className="act">
                {copy.addHoliday}
            </button>
        </form>
    );
}
