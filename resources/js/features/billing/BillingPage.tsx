import { OfficeShell } from '@/features/office';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import { useShared } from '@/lib/shared';
import type { BillingPreviewProps, BillingProps } from '@/types/generated/props';
import { Later } from '@/ui/Later';
import { BillingFiles } from './BillingFiles';
import { BillingForm } from './BillingForm';
import { BillingMappings } from './BillingMappings';
import { BillingPreview } from './BillingPreview';

const copy = officeText.billingPage;

/** What would be billed, or paid, what was, and how the files are laid out. */
export function BillingPage({ billing, preview }: { billing: BillingProps; preview?: BillingPreviewProps | null }) {
    const { kind, unbilled, currency } = billing;
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <OfficeShell
            title={copy.title}
            finding={unbilled.entries === 0 ? copy.nothing[kind] : copy.finding[kind](unbilled.entries, hours(unbilled.minutes))}
        >
            <BillingForm billing={billing} />
            {unbilled.late > 0 && <p className="max-w-prose text-faded">{copy.late(hours(unbilled.late))}</p>}
            {unbilled.unapproved > 0 && <p className="max-w-prose text-ochre">{copy.unapproved(hours(unbilled.unapproved))}</p>}
            {preview !== null && (
                <section aria-labelledby="preview" className="mt-5">
                    <h2 id="preview">{copy.preview}</h2>
                    <Later data="preview">
                        {preview !== undefined && (
                            <BillingPreview preview={preview} minutes={unbilled.minutes} currency={currency} />
                        )}
                    </Later>
                </section>
            )}
            <BillingFiles billing={billing} />
            <BillingMappings key={`${kind} ${billing.detail}`} billing={billing} />
        </OfficeShell>
    );
}
