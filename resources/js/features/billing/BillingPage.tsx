import { OfficeShell } from '@/features/office';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import { useShared } from '@/lib/shared';
import type { BillingKind, BillingPreviewProps, BillingProps, PayrollPreviewProps, UnbilledProps } from '@/types/generated/props';
import { useNews } from '@/lib/useNews';
import { Later } from '@/ui/Later';
import { BillingFiles } from './BillingFiles';
import { BillingForm } from './BillingForm';
import { BillingMappings } from './BillingMappings';
import { BillingPreview } from './BillingPreview';
import { PayrollPreview } from './PayrollPreview';

const copy = officeText.billingPage;

// What a file leaves to the next one is known once it has been created.
const AFTERWARDS = ['unbilled', 'preview', 'payroll'];

interface PageProps {
    billing: BillingProps;
    unbilled?: UnbilledProps;
    preview?: BillingPreviewProps | null;
    payroll?: PayrollPreviewProps | null;
}

/** What would be billed, or paid, what was, and how the files are laid out. */
export function BillingPage({ billing, unbilled, preview, payroll }: PageProps) {
    const { kind, currency } = billing;
    const isCreating = billing.files.some((file) => file.state === 'settling');
    useNews(isCreating, 'billing', AFTERWARDS);

    return (
        <OfficeShell title={copy.title}>
            {!isCreating && (
                <Later data="unbilled">{unbilled !== undefined && <UnbilledTime kind={kind} unbilled={unbilled} />}</Later>
            )}
            <BillingForm billing={billing} unbilled={isCreating ? undefined : unbilled} />
            {!isCreating && unbilled?.entries !== 0 && (
                <section aria-labelledby="preview" className="mt-5">
                    <h2 id="preview">{copy.preview}</h2>
                    <Later data={kind === 'bill' ? 'preview' : 'payroll'}>
                        {preview && <BillingPreview preview={preview} currency={currency} />}
                        {payroll && <PayrollPreview preview={payroll} />}
                    </Later>
                </section>
            )}
            <BillingFiles billing={billing} />
            <BillingMappings key={`${kind} ${billing.detail}`} billing={billing} />
        </OfficeShell>
    );
}

/** How much there is for a file, and how much is not approved yet. */
function UnbilledTime({ kind, unbilled }: { kind: BillingKind; unbilled: UnbilledProps }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <>
            <p>{unbilled.entries === 0 ? copy.nothing[kind] : copy.finding[kind](unbilled.entries, hours(unbilled.minutes))}</p>
            {unbilled.late > 0 && <p className="text-faded">{copy.late(hours(unbilled.late))}</p>}
            {unbilled.unapproved > 0 && <p className="text-ochre">{copy.unapproved(hours(unbilled.unapproved))}</p>}
        </>
    );
}
