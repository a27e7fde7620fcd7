import { instant } from '@/lib/days';
import { text } from '@/lib/text';
import type { OutboxProps } from '@/types/generated/props';
import { Parts } from '@/ui/Parts';
import { Shell } from '@/ui/Shell';
import { SearchBox } from '@/ui/SearchBox';
import { Head, Link } from '@inertiajs/react';
import { OpenMail } from './OpenMail';

/** Every mail that would have been sent, as it would arrive. */
export function OutboxPage({ outbox }: { outbox: OutboxProps }) {
    const words = text.messagesPage;
    const { mails, open, search } = outbox;

    return (
        <Shell>
            <Head title={words.outbox} />
            <Parts label={words.name} parts={words.parts} />
            <h1>{outbox.isOfAll ? words.outboxOfAll : words.outboxOfOne}</h1>
            {outbox.isOfAll && (
                <SearchBox
                    className="mt-2"
                    label={words.searchMail}
                    value={search}
                    address={(words) => `/outbox?search=${encodeURIComponent(words)}`}
                />
            )}
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 lg:grid-cols-[24rem_minmax(0,1fr)]">
                <div>
                    {mails.length === 0 && <p className="pencilled">{words.noMails}</p>}
                    <ul>
                        {mails.map((mail) => (
                            <li key={mail.id} className="border-b border-rule py-1">
                                <Link
                                    href={`/outbox?search=${encodeURIComponent(search)}&mail=${mail.id}`}
                                    preserveScroll
                                    aria-current={mail.id === open?.id ? 'true' : undefined}
                                    className="act-quiet block [overflow-wrap:anywhere]"
                                >
                                    {mail.subject}
                                </Link>
                                <span className="text-faded">
                                    {instant(mail.at)}, {mail.recipient}
                                </span>
                            </li>
                        ))}
                    </ul>
                    {outbox.before !== null && (
                        <Link className="act mt-2" href={`/outbox?search=${encodeURIComponent(search)}&before=${outbox.before}`}>
                            {words.older}
                        </Link>
                    )}
                </div>
                {open !== null && <OpenMail key={open.id} mail={open} />}
            </div>
        </Shell>
    );
}
