import { route } from '@/lib/route';
import { instant } from '@/lib/days';
import { put } from '@/lib/http';
import { officeText } from '@/lib/officeText';
import type { MessagesProps } from '@/types/generated/props';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { useEffect } from 'react';
import { NotificationSettings } from './NotificationSettings';

/** What the reader was told, the newest first; seeing it is reading it. */
export function MessagesPage({ messages }: { messages: MessagesProps }) {
    const copy = officeText.messagesPage;
    const newest = messages.messages[0];
    const unread = messages.messages.filter(({ isNew }) => isNew).length;

    useEffect(() => {
        if (newest !== undefined && unread > 0) {
            void put(route('messages.read'), { upTo: newest.id });
        }
    }, [newest, unread]);

    return (
        <Shell>
            <RouteTabs label={copy.name} tabs={copy.tabs} />
            <PageHeading title={copy.name} finding={copy.finding(unread)} />
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <div>
                    {messages.messages.length === 0 && <p className="pencilled">{copy.none}</p>}
                    <ul>
                        {messages.messages.map((message) => (
                            <li
                                key={message.id}
                                className="grid gap-x-3 border-b border-rule py-1 sm:grid-cols-[9.5rem_minmax(0,1fr)]"
                            >
                                <span className="text-faded">{instant(message.at)}</span>
                                <Link
                                    href={message.link}
                                    className={
                                        message.isNew
                                            ? 'act-quiet font-semibold [overflow-wrap:anywhere]'
                                            : 'act-quiet [overflow-wrap:anywhere]'
                                    }
                                >
                                    {message.text}
                                </Link>
                            </li>
                        ))}
                    </ul>
                    {messages.before !== null && (
                        <Link className="act mt-2" href={route('messages', {}, { before: messages.before })}>
                            {copy.older}
                        </Link>
                    )}
                </div>
                <div className="flex flex-col gap-5">
                    <NotificationSettings messages={messages} />
                    <section aria-labelledby="mails">
                        <h2 id="mails">{copy.mails}</h2>
                        {messages.mails.length === 0 && <p className="pencilled">{copy.noMails}</p>}
                        <ul>
                            {messages.mails.map((mail) => (
                                <li key={mail.id} className="border-b border-rule py-1">
                                    <span className="text-faded">{instant(mail.at)}</span>{' '}
                                    <Link className="act-quiet" href={route('outbox', {}, { mail: mail.id })}>
                                        {mail.subject}
                                    </Link>
                                </li>
                            ))}
                        </ul>
                    </section>
                </div>
            </div>
        </Shell>
    );
}
