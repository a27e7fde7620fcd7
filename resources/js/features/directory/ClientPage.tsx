import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Link, router } from '@inertiajs/react';
import { ClientContacts } from './ClientContacts';
import { CompositionForm } from './CompositionForm';

const copy = officeText.clientPage;

/** One client: how its charge codes are made up, and whom to speak to. */
export function ClientPage({ client }: { client: ClientProps }) {
    return (
        <OfficeShell title={client.name} finding={copy.finding(client.contacts.length)}>
            <FieldError />
            <p>
                <Link className="act-quiet" href={route('office.clients')}>
                    {copy.back}
                </Link>
            </p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[22rem_minmax(0,1fr)]">
                <section aria-labelledby="client">
                    <h2 id="client">{copy.settings}</h2>
                    <form
                        aria-label={copy.settings}
                        className="mt-2 flex flex-col gap-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            router.put(
                                route('office.clients.save', { client: client.code }),
                                Object.fromEntries(new FormData(event.currentTarget)),
                                { preserveScroll: true },
                            );
                        }}
                    >
                        <Field label={copy.name} name="name" required maxLength={200} defaultValue={client.name} />
                        <Field
                            label={copy.scheme}
                            name="scheme"
                            maxLength={64}
                            defaultValue={client.scheme ?? ''}
                            aria-describedby="scheme-hint"
                        />
                        <p id="scheme-hint" className="pencilled">
                            {copy.schemeHint}
                        </p>
                        <button type="submit" className="act self-start">
                            {copy.save}
                        </button>
                    </form>
                </section>
                <ClientContacts client={client} />
            </div>
            <CompositionForm key={JSON.stringify(client.composition)} client={client} />
        </OfficeShell>
    );
}
