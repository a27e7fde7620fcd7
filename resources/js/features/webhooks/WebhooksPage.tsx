import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { WebhookRowProps, WebhooksProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { TableHead } from '@/ui/TableHead';
import { Link, useForm } from '@inertiajs/react';
import { WebhookFields, type WebhookValues } from './WebhookFields';
import { webhookStates } from './webhookState';

const copy = officeText.webhooksPage;

/** All webhooks, and a new one. */
export function WebhooksPage({ webhooks: { rows, topics } }: { webhooks: WebhooksProps }) {
    const form = useForm<WebhookValues>({ name: '', address: '', topics: ['time'] });

    return (
        <OfficeShell title={copy.title} finding={rows.length === 0 ? copy.none : copy.finding(rows.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            {rows.length > 0 && (
                <table className="mt-4 w-full max-w-5xl">
                    <TableHead heads={[copy.name, copy.topics, copy.state]} />
                    <tbody>
                        {rows.map((row) => (
                            <Row key={row.id} row={row} />
                        ))}
                    </tbody>
                </table>
            )}
            <form
                aria-label={copy.add}
                className="mt-8 flex max-w-5xl flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('office.webhooks.add'));
                }}
            >
                <WebhookFields
                    values={form.data}
                    topics={topics}
                    onChange={(values) => {
                        form.setData({ ...form.data, ...values });
                    }}
                />
                <button type="submit" disabled={form.processing} className="act">
                    {copy.add}
                </button>
                <div className="w-full">
                    <FieldError />
                </div>
            </form>
        </OfficeShell>
    );
}

function Row({ row }: { row: WebhookRowProps }) {
    return (
        <tr>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4 align-top">
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.webhooks.webhook', { webhook: row.id })}
                >
                    {row.name}
                </Link>
                <span className="block font-normal text-faded">{row.address}</span>
            </th>
            <td className="border-b border-rule pe-4 align-top">
                {row.topics.map((topic) => copy.topicNames[topic]).join('; ')}
            </td>
            <td className="border-b border-rule align-top">
                {webhookStates(row).map((state) => (
                    <span key={state} className="block">
                        {state}
                    </span>
                ))}
            </td>
        </tr>
    );
}
