import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { WebhookProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Confirm } from '@/ui/Confirm';
import { FieldError } from '@/ui/FieldError';
import { Link, router, useForm } from '@inertiajs/react';
import { WebhookFields, type WebhookValues } from './WebhookFields';
import { WebhookMessages } from './WebhookMessages';
import { webhookStates } from './webhookState';

const copy = officeText.webhookPage;

/** One webhook: what it is told of, how it fares, and its messages. */
export function WebhookPage({ shown }: { shown: WebhookProps }) {
    const { webhook, newSecret } = shown;

    return (
        <OfficeShell title={webhook.name} finding={webhookStates(webhook).join('. ') + '.'}>
            <p>
                <Link className="act-quiet" href={route('office.webhooks')}>
                    {copy.back}
                </Link>
            </p>
            {newSecret !== null && (
                <p className="mt-2 border-s-2 border-moss ps-3">
                    <label>
                        {copy.secret}
                        <input readOnly value={newSecret} className="ms-2 w-full max-w-xl bg-sheet px-2 py-1" />
                    </label>
                </p>
            )}
            <WebhookMessages shown={shown} />
            <WebhookSettings key={`${webhook.name} ${webhook.address} ${String(webhook.isPaused)}`} shown={shown} />
        </OfficeShell>
    );
}

function WebhookSettings({ shown: { webhook, topics } }: { shown: WebhookProps }) {
    const { id, name, address, isPaused } = webhook;
    const form = useForm<WebhookValues & { isPaused: boolean }>({ name, address, topics: webhook.topics, isPaused });

    return (
        <section aria-labelledby="settings" className="mt-8">
            <h2 id="settings">{copy.settings}</h2>
            <form
                aria-labelledby="settings"
                className="mt-2 flex max-w-5xl flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.put(route('office.webhooks.save', { webhook: id }), { preserveScroll: true });
                }}
            >
                <WebhookFields
                    values={form.data}
                    topics={topics}
                    onChange={(values) => {
                        form.setData({ ...form.data, ...values });
                    }}
                />
                <Checkbox
                    label={copy.pause}
                    checked={form.data.isPaused}
                    onChange={(paused) => {
                        form.setData('isPaused', paused);
                    }}
                />
                <button type="submit" disabled={form.processing} className="act">
                    {copy.save}
                </button>
                <div className="w-full">
                    <FieldError />
                </div>
            </form>
            <p className="mt-4 flex flex-wrap gap-x-5">
                <Confirm
                    button={{ className: 'act-quiet', children: copy.newSecret }}
                    title={copy.newSecretTitle}
                    yes={copy.newSecretYes}
                    no={copy.no}
                    onYes={() => {
                        router.post(route('office.webhooks.renew-secret', { webhook: id }));
                    }}
                >
                    {copy.newSecretWill}
                </Confirm>
                <Confirm
                    button={{ className: 'act-quiet', children: copy.remove }}
                    title={copy.removeTitle(name)}
                    yes={copy.remove}
                    no={copy.no}
                    onYes={() => {
                        router.delete(route('office.webhooks.remove', { webhook: id }));
                    }}
                >
                    {copy.removeWill}
                </Confirm>
            </p>
        </section>
    );
}
