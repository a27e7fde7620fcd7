import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PersonFormProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { router } from '@inertiajs/react';

const copy = officeText.personalData;

/** What is stored about somebody, and a way to take out who they were. */
export function PersonalData({ person: { code, name, canBeAnonymised } }: { person: PersonFormProps }) {
    return (
        <section aria-labelledby="personal-data" className="mt-8">
            <h2 id="personal-data">{copy.ofPerson}</h2>
            <p className="mt-1 flex flex-wrap gap-x-5">
                <a className="act-quiet" href={route('office.people.data', { person: code })} download>
                    {copy.downloadOf(name)}
                </a>
                {canBeAnonymised && (
                    <Confirm
                        button={{ className: 'act-quiet', children: copy.anonymise }}
                        title={copy.asks(name)}
                        yes={copy.anonymise}
                        no={copy.keep}
                        onYes={() => {
                            router.post(route('office.people.anonymise', { person: code }));
                        }}
                    >
                        {copy.effect}
                    </Confirm>
                )}
            </p>
        </section>
    );
}
