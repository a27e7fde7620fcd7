import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientContactProps, ClientProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.clientPage;

/** Whom to speak to at the client, of whom one at a time is changed in its row. */
export function ClientContacts({ client }: { client: ClientProps }) {
    const [open, setOpen] = useState<number | null>(null);

    return (
        <section aria-labelledby="contacts">
            <h2 id="contacts">{copy.contacts}</h2>
            <ul className="mt-2">
                {client.contacts.map((contact) => (
                    <li key={contact.id} className="border-b border-rule py-1">
                        {contact.id === open ? (
                            <ContactForm
                                address={route('office.clients.contacts.save', { contact: contact.id })}
                                contact={contact}
                                onDone={() => {
                                    setOpen(null);
                                }}
                            />
                        ) : (
                            <Contact
                                contact={contact}
                                onOpen={() => {
                                    setOpen(contact.id);
                                }}
                            />
                        )}
                    </li>
                ))}
            </ul>
            <ContactForm
                key={`new ${String(client.contacts.length)}`}
                address={route('office.clients.contacts.add', { client: client.code })}
            />
        </section>
    );
}

function Contact({ contact, onOpen }: { contact: ClientContactProps; onOpen: () => void }) {
    const { id, name, position, email, phone } = contact;

    return (
        <span className="flex flex-wrap items-baseline gap-x-4 [overflow-wrap:anywhere]">
            <span className="font-semibold">{name}</span>
            {[position, email, phone]
                .filter((each) => each !== '')
                .map((each) => (
                    <span key={each}>{each}</span>
                ))}
            <span className="ms-auto flex gap-4">
                <button type="button" className="act-quiet" aria-label={copy.changeOf(name)} onClick={onOpen}>
                    {copy.change}
                </button>
                <button
                    type="button"
                    className="act-quiet"
                    aria-label={copy.removeOf(name)}
                    onClick={() => {
                        router.delete(route('office.clients.contacts.remove', { contact: id }), { preserveScroll: true });
                    }}
                >
                    {copy.remove}
                </button>
            </span>
        </span>
    );
}

interface ContactFormProps {
    address: string;
    /** Who is changed; without one, somebody new is added. */
    contact?: ClientContactProps;
    onDone?: () => void;
}

function ContactForm({ address, contact, onDone }: ContactFormProps) {
    return (
        <form
            aria-label={contact === undefined ? copy.add : copy.changeOf(contact.name)}
            className="mt-3 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router[contact === undefined ? 'post' : 'put'](address, Object.fromEntries(new FormData(event.currentTarget)), {
                    preserveScroll: true,
                    onSuccess: () => {
                        onDone?.();
                    },
                });
            }}
        >
            <Field label={copy.contact} name="name" required maxLength={200} className="w-44" defaultValue={contact?.name} />
            <Field label={copy.position} name="position" maxLength={100} className="w-36" defaultValue={contact?.position} />
            <Field label={copy.email} name="email" type="email" maxLength={200} className="w-52" defaultValue={contact?.email} />
            <Field label={copy.phone} name="phone" type="tel" maxLength={100} className="w-36" defaultValue={contact?.phone} />
            <button type="submit" className="act">
                {contact === undefined ? copy.add : copy.saveContact}
            </button>
            {contact !== undefined && (
                <button type="button" className="act-quiet" onClick={onDone}>
                    {copy.cancel}
                </button>
            )}
        </form>
    );
}
