import { span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import type { BillingKind, BillingProps, UnbilledProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Confirm } from '@/ui/Confirm';
import { DateField } from '@/ui/DateField';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';

const copy = officeText.billingPage;
const kinds = Object.entries(copy.kinds) as [BillingKind, string][];

/** For what and of which days a file is, and creating it once it is known what it will contain. */
export function BillingForm({
    billing: { kind, client, from, until },
    unbilled,
}: {
    billing: BillingProps;
    unbilled: UnbilledProps | undefined;
}) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const asked = { kind, client: client?.code ?? null, from, until };
    const show = (changed: Partial<typeof asked>) => {
        router.get(route('office.billing', {}, { ...asked, ...changed }), {}, { preserveScroll: true });
    };

    return (
        <div className="mt-3 flex flex-wrap items-baseline-last gap-3">
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
            <Confirm
                title={copy.confirmTitle(span(from, until))}
                yes={copy.create[kind]}
                no={copy.confirmNo}
                onYes={() => {
                    router.post(route('office.billing.make'), { ...asked, seen: unbilled?.seen ?? null });
                }}
                button={{ className: 'act act-main', disabled: (unbilled?.entries ?? 0) === 0, children: copy.create[kind] }}
            >
                {copy.confirmText(hoursWithUnit(unbilled?.minutes ?? 0, format))}
            </Confirm>
            <div className="w-full">
                <FieldError of={['until', 'from', 'client', 'kind']} />
            </div>
        </div>
    );
}
