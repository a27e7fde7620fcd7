import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { FactorSetUpProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { useForm } from '@inertiajs/react';
import { ScanCode } from './ScanCode';

const copy = officeText.factorPage;

/** Gives the reader's app its secret, and has them show that it works. */
export function SecondFactorPage({ setUp }: { setUp: FactorSetUpProps }) {
    return (
        <Shell>
            <PageHeading title={copy.title} finding={setUp.isNeeded ? copy.needed : copy.explained} />
            {setUp.isNeeded && <p className="max-w-prose">{copy.explained}</p>}
            <div className="mt-4 flex flex-wrap gap-x-16 gap-y-6">
                <section aria-labelledby="scan">
                    <h2 id="scan">{copy.scan}</h2>
                    <ScanCode content={setUp.address} label={copy.picture} />
                    <p className="mt-2 text-faded">{copy.type}</p>
                    <p className="font-mono tracking-wide [overflow-wrap:anywhere]">{setUp.key}</p>
                </section>
                <section aria-labelledby="enter" className="max-w-sm">
                    <h2 id="enter">{copy.enter}</h2>
                    <CodeForm />
                </section>
            </div>
        </Shell>
    );
}

function CodeForm() {
    const form = useForm({ code: '' });

    return (
        <form
            className="mt-2 flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('account.factor.store'));
            }}
        >
            <Field
                label={copy.code}
                name="code"
                required
                inputMode="numeric"
                autoComplete="one-time-code"
                maxLength={40}
                value={form.data.code}
                onChange={(event) => {
                    form.setData('code', event.target.value);
                }}
            />
            <FieldError />
            <button type="submit" disabled={form.processing} className="act act-main self-start">
                {copy.submit}
            </button>
        </form>
    );
}
