import { OfficeShell } from '@/features/office';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import type { BillingKind, BillingProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { BillingFiles } from './BillingFiles';
import { BillingMappings } from './BillingMappings';

const copy = officeText.billingPage;
const kinds = Object.entries(copy.kinds) as [BillingKind, string][];

/** What would be billed, or paid, what was, and how the files are made up. */
export function BillingPage({ billing }: { billing: BillingProps }) {
    const { kind, client, from, until, unbilled } = billing;
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const show = (changed: { kind?: string; client?: string | null; from?: string; until?: string }) => {
        router.get(
            route('office.billing', {}, { kind, client: client?.code ?? null, from, until, ...changed }),
            {},
            { preserveScroll: true },
        );
    };

    return (
        <OfficeShell
            title={copy.title}
            finding={unbilled.entries === 0 ? copy.nothing : copy.finding(unbilled.entries, hours(unbilled.minutes))}
        >
            <form
                aria-label={copy.make}
                className="mt-3 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(route('office.billing.make'), { kind, client: client?.code ?? null, from, until });
                }}
            >
                <Select
                    label={copy.kind}
                    options={kinds}
                    value={kind}
                    className="w-32"
                    onChoose={(chosen) => {
                        router.get(route('office.billing', {}, { kind: chosen }));
                    }}
                />
                {kind === 'bill' && (
                    <Combobox
                        kind="clients"
                        label={copy.client}
                        chosen={client === null ? [] : [client]}
                        className="w-60"
                        onChange={([chosen]) => {
                            show({ client: chosen?.code ?? null });
                        }}
                    />
                )}
                <DateField
                    key={`from ${from}`}
                    label={copy.from}
                    required
                    defaultValue={from}
                    onPick={(day) => {
                        show({ from: day });
                    }}
                />
                <DateField
                    key={`until ${until}`}
                    label={copy.until}
                    required
                    defaultValue={until}
                    onPick={(day) => {
                        show({ until: day });
                    }}
                />
                <button type="submit" disabled={unbilled.entries === 0} className="act act-main">
                    {copy.make}
                </button>
                <div className="w-full">
                    <FieldError of={['until', 'from', 'client', 'kind']} />
                </div>
            </form>
            <p className="pencilled max-w-prose">
                {unbilled.late > 0 && `${copy.late(hours(unbilled.late))} `}
                {copy.hint}
            </p>
            <BillingFiles billing={billing} />
            <BillingMappings key={`${kind} ${billing.detail}`} billing={billing} />
        </OfficeShell>
    );
}
