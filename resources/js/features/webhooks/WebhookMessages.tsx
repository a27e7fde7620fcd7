import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { WebhookMessageRowProps, WebhookProps, WebhookState } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { Select } from '@/ui/Select';
import { Link, router } from '@inertiajs/react';
import { useNews } from '@/lib/useNews';
import { messageState } from './webhookState';

const copy = officeText.webhookPage;
const states = Object.entries(copy.states) as [WebhookState | '', string][];

/** What one system was and is to be told, the newest first. */
export function WebhookMessages({ shown: { webhook, state, messages, page, pages } }: { shown: WebhookProps }) {
    const address = (of: string, other: number) =>
        route('office.webhooks.webhook', { webhook: webhook.id }, { state: of || null, page: other === 1 ? null : other });

    useNews(!webhook.isPaused && messages.some((message) => message.state === 'waiting' && message.attempts === 0));

    return (
        <section aria-labelledby="messages" className="mt-6">
            <div className="flex flex-wrap items-baseline-last justify-between gap-x-6 gap-y-2">
                <h2 id="messages">{copy.messages}</h2>
                <span className="flex flex-wrap items-baseline-last gap-3">
                    <Select
                        label={copy.show}
                        options={states}
                        value={state ?? ''}
                        className="w-36"
                        onChoose={(chosen) => {
                            router.get(address(chosen, 1), {}, { preserveScroll: true });
                        }}
                    />
                    <button
                        type="button"
                        className="act"
                        onClick={() => {
                            router.post(route('office.webhooks.test', { webhook: webhook.id }));
                        }}
                    >
                        {copy.test}
                    </button>
                </span>
            </div>
            {messages.length === 0 ? (
                <p className="mt-2 text-faded">{copy.noMessages}</p>
            ) : (
                <table className="mt-2 w-full">
                    <thead>
                        <tr className="text-faded">
                            <th scope="col" className="border-b border-edge pe-4">
                                {copy.number}
                            </th>
                            <th scope="col" className="border-b border-edge pe-4">
                                {copy.about}
                            </th>
                            <th scope="col" className="border-b border-edge pe-4 text-end max-sm:hidden">
                                {copy.events}
                            </th>
                            <th scope="col" className="border-b border-edge pe-4 max-sm:hidden">
                                {copy.made}
                            </th>
                            <th scope="col" className="border-b border-edge">
                                {copy.became}
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {messages.map((message) => (
                            <Row key={message.id} webhook={webhook.id} message={message} />
                        ))}
                    </tbody>
                </table>
            )}
            <Paging page={page} pages={pages} address={(other) => address(state ?? '', other)} className="mt-3" />
        </section>
    );
}

function Row({ webhook, message }: { webhook: number; message: WebhookMessageRowProps }) {
    return (
        <tr>
            <th scope="row" className="border-b border-rule py-1 pe-4 font-normal">
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.webhooks.message', { webhook, message: message.id })}
                >
                    {copy.open(message.id)}
                </Link>
            </th>
            <td className="border-b border-rule pe-4 [overflow-wrap:anywhere]">
                {message.events === 0 ? copy.test_ : message.subject}
            </td>
            <td className="border-b border-rule pe-4 text-end max-sm:hidden">{message.events}</td>
            <td className="border-b border-rule pe-4 max-sm:hidden">{instant(message.createdAt)}</td>
            <td className="border-b border-rule">{messageState(message)}</td>
        </tr>
    );
}
