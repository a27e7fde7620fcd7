import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { RatesProps } from '@/types/generated/props';
import { Switch } from '@/ui/Switch';
import { router } from '@inertiajs/react';

/** Whether people see what their own time brings in. */
export function BillValueChoice({ showsBillValue }: Pick<RatesProps, 'showsBillValue'>) {
    const copy = officeText.ratesPage.billValue;

    return (
        <section aria-labelledby="bill-value" className="mt-8">
            <h2 id="bill-value">{copy.title}</h2>
            <p className="text-faded">{copy.explained}</p>
            <Switch
                label={copy.shows}
                isOn={showsBillValue}
                onTurn={(shows) => {
                    router.put(route('office.rates.bill-value'), { shows }, { preserveScroll: true });
                }}
            />
        </section>
    );
}
