import { route } from '@/lib/route';
import { instant } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { OutboxProps } from '@/types/generated/props';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { SearchBox } from '@/ui/SearchBox';
import { Link } from '@inertiajs/react';
import { OpenMail } from './OpenMail';

/** Every mail that would have been sent, as it would arrive. */
export function OutboxPage({ outbox }: { outbox: OutboxProps }) {
    const copy = officeText.messagesPage;
    const { mails, open, search } = outbox;

    return (
        <Shell>
            <RouteTabs label={copy.name} tabs={copy.tabs} />
            <PageHeading title={copy.outbox} finding={outbox.isOfAll ? copy.outboxOfAll : copy.outboxOfOne} />
            {outbox.isOfAll && (
                <SearchBox
                    className="mt-2"
                    label={copy.searchMail}
                    value={search}
                    address={(search) => route('outbox', {}, { search })}
                />
            )}
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 lg:grid-cols-[24rem_minmax(0,1fr)]">
                <div>
                    {mails.length === 0 && <p className="pencilled">{copy.noMails}</p>}
                    <ul>
                        {mails.map((mail) => (
                            <li key={mail.id} className="border-b border-rule py-1">
                                <Link
                                    href={route('outbox', {}, { search, mail: mail.id })}
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
                        <Link className="act mt-2" href={route('outbox', {}, { search, before: outbox.before })}>
                            {copy.older}
                        </Link>
                    )}
                </div>
                {open !== null && <OpenMail key={open.id} mail={open} />}
            </div>
        </Shell>
    );
}
