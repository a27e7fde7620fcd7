import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { UnknownPersonProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Combobox } from '@/ui/Combobox';
import { router } from '@inertiajs/react';

const copy = officeText.projectTrackerPage;

/** Whom the task tracker knows and nobody here, with a way to say who it is. */
export function UnknownPeople({ project, people }: { project: string; people: UnknownPersonProps[] }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    if (people.length === 0) {
        return null;
    }

    return (
        <section aria-labelledby="unknown">
            <h2 id="unknown">{copy.unknown}</h2>
            <p className="pencilled">{copy.unknownHint}</p>
            <FieldError of={['person']} />
            <ul className="mt-2">
                {people.map((person) => (
                    <li key={person.id} className="border-b border-rule py-2">
                        <p className="text-faded [overflow-wrap:anywhere]">
                            {[
                                person.login,
                                person.email,
                                person.minutes > 0 ? copy.logged(hoursWithUnit(person.minutes, format)) : '',
                            ]
                                .filter((part) => part !== '')
                                .join(' · ')}
                        </p>
                        <Combobox
                            kind="people"
                            label={copy.isPerson(person.name)}
                            chosen={[]}
                            onChange={([who]) => {
                                if (who !== undefined) {
                                    router.put(
                                        route('project.tracker.person', { project, there: person.id }),
                                        { person: who.code },
                                        { preserveScroll: true },
                                    );
                                }
                            }}
                        />
                    </li>
                ))}
            </ul>
        </section>
    );
}
