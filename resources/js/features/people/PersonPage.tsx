import { changing } from '@/lib/changing';
import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PersonFormProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { PersonalData } from './PersonalData';
import { PersonPlace } from './PersonPlace';
import { PersonTime } from './PersonTime';
import { PersonWho } from './PersonWho';
import { entered, type PersonData } from './personData';

const copy = officeText.personPage;

/** Somebody new, or what holds for somebody who is here. */
export function PersonPage({ person }: { person: PersonFormProps }) {
    const isNew = person.code === '';

    return (
        <OfficeShell title={isNew ? copy.newTitle : copy.title(person.name)} finding={isNew ? copy.newFinding : person.email}>
            {/* Another person is another form. */}
            <PersonForm key={person.code} person={person} isNew={isNew} />
            {!isNew && <PersonalData person={person} />}
        </OfficeShell>
    );
}

function PersonForm({ person, isNew }: { person: PersonFormProps; isNew: boolean }) {
    const form = useForm<PersonData>(entered(person));
    const set = changing<PersonData>(form);
    const parts = { person, data: form.data, set };

    return (
        <form
            className="mt-4 flex flex-col gap-6"
            onSubmit={(event) => {
                event.preventDefault();
                const another = event.nativeEvent.submitter?.dataset.another !== undefined;
                form.transform((data) => ({ ...data, another }));
                if (isNew) {
                    form.post(route('office.people.add'));
                } else {
                    form.put(route('office.people.save', { person: person.code }));
                }
            }}
        >
            <div className="grid gap-x-12 gap-y-6 md:grid-cols-2 lg:grid-cols-3">
                <PersonWho {...parts} isNew={isNew} />
                <PersonPlace {...parts} />
                <PersonTime {...parts} />
            </div>
            <FieldError />
            <p className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
                <button type="submit" disabled={form.processing} className="act act-main">
                    {isNew ? copy.add : copy.save}
                </button>
                {isNew && (
                    <button type="submit" data-another disabled={form.processing} className="act">
                        {copy.addAnother}
                    </button>
                )}
                {!isNew && (
                    <Link href={route('office.people.responsibilities', { person: person.code })} className="act-quiet">
                        {copy.responsibilities}
                    </Link>
                )}
                <Link href={route('office.people')} className="act-quiet">
                    {copy.back}
                </Link>
            </p>
        </form>
    );
}
