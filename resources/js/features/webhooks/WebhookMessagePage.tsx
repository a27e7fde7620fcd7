import { OfficeShell } from '@/features/office';
import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { WebhookAttemptProps, WebhookMessageProps } from '@/types/generated/props';
import { Link, router } from '@inertiajs/react';
import { useNews } from '@/lib/useNews';
import { messageState } from './webhookState';

const copy = officeText.webhookMessagePage;

/** One message: what is sent, and what was answered each time. */
export function WebhookMessagePage({ shown }: { shown: WebhookMessageProps }) {
    const { webhookId, webhookName, address, message, body, attempts } = shown;
    useNews(message.state === 'waiting' && message.attempts === 0);

    return (
        <OfficeShell title={copy.title(message.id)} finding={`${messageState(message)}.`}>
            <p className="flex flex-wrap items-center gap-x-5">
                <Link className="act-quiet" href={route('office.webhooks.webhook', { webhook: webhookId })}>
                    {copy.back(webhookName)}
                </Link>
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        router.post(route('office.webhooks.send-again', { webhook: webhookId, message: message.id }));
                    }}
                >
                    {copy.again}
                </button>
            </p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-2">
                <section aria-labelledby="request" className="min-w-0">
                    <h2 id="request">{copy.request}</h2>
                    <p className="text-faded [overflow-wrap:anywhere]">POST {address}</p>
                    <pre tabIndex={0} className="mt-2 max-h-[32rem] overflow-auto border-s border-rule ps-3 text-[0.85em]">
                        {body}
                    </pre>
                </section>
                <section aria-labelledby="attempts" className="min-w-0">
                    <h2 id="attempts">{copy.attempts}</h2>
                    {attempts.length === 0 && <p className="text-faded">{copy.noAttempts}</p>}
                    <ol className="mt-2">
                        {attempts.map((attempt) => (
                            <Attempt key={`${attempt.at} ${attempt.signature}`} attempt={attempt} />
                        ))}
                    </ol>
                </section>
            </div>
        </OfficeShell>
    );
}

function Attempt({ attempt: { at, milliseconds, signature, status, failure, answer } }: { attempt: WebhookAttemptProps }) {
    return (
        <li className="border-b border-rule py-2">
            <p>
                <span className="text-faded">{instant(at)}</span>{' '}
                {status === null ? failure : copy.answered(status, milliseconds)}
            </p>
            {status !== null && <pre className="overflow-auto text-[0.85em]">{answer === '' ? copy.noAnswer : answer}</pre>}
            <p className="text-[0.85em] text-faded [overflow-wrap:anywhere]">
                {copy.signature}: {signature}
            </p>
        </li>
    );
}
