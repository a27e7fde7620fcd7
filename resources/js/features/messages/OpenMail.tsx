import { route } from '@/lib/route';
import { instant } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { OpenMailProps } from '@/types/generated/props';
import { useState } from 'react';

/** One mail, as HTML or as text. */
export function OpenMail({ mail }: { mail: OpenMailProps }) {
    const [asText, showText] = useState(false);
    const copy = officeText.messagesPage;

    return (
        <section aria-labelledby="mail">
            <h2 id="mail" className="[overflow-wrap:anywhere]">
                {mail.subject}
            </h2>
            <p className="text-faded [overflow-wrap:anywhere]">
                {copy.from(mail.sender)} {copy.to(mail.recipient)}, {instant(mail.at)}
            </p>
            {mail.attachments.length > 0 && (
                <ul aria-label={copy.attachments} className="mt-1 flex flex-wrap gap-x-4">
                    {mail.attachments.map(({ id, name }) => (
                        <li key={id}>
                            {/* A file, not a page. */}
                            <a
                                href={route('outbox.attachment', { mail: mail.id, attachment: id })}
                                className="act-quiet inline-block"
                            >
                                {name}
                            </a>
                        </li>
                    ))}
                </ul>
            )}
            <p className="mt-1 flex gap-3" role="group" aria-label={copy.shownAs}>
                {([false, true] as const).map((one) => (
                    <button
                        key={String(one)}
                        type="button"
                        className={asText === one ? 'act-quiet font-semibold' : 'act-quiet'}
                        aria-pressed={asText === one}
                        onClick={() => {
                            showText(one);
                        }}
                    >
                        {one ? copy.asText : copy.asHtml}
                    </button>
                ))}
            </p>
            {asText ? (
                <pre className="mt-2 border border-rule bg-sheet p-3 font-sans whitespace-pre-wrap [overflow-wrap:anywhere]">
                    {mail.text}
                </pre>
            ) : (
                <iframe
                    title={mail.subject}
                    src={route('outbox.mail', { mail: mail.id })}
                    sandbox="allow-top-navigation-by-user-activation allow-popups"
                    className="mt-2 h-[30rem] w-full border border-rule"
                />
            )}
        </section>
    );
}
