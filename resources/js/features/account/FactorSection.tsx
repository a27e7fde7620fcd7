import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { FactorProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { Link, router } from '@inertiajs/react';

const copy = officeText.accountPage.factor;

/** Whether the reader has a second factor, and what they can do about it once they have confirmed that it is them. */
export function FactorSection({ factor, isConfirmed }: { factor: FactorProps; isConfirmed: boolean }) {
    return (
        <section aria-labelledby="factor">
            <h2 id="factor">{copy.title}</h2>
            {factor.since === null ? (
                <p className="mt-2 max-w-prose">
                    {copy.off} {factor.isRequired && copy.required}
                </p>
            ) : (
                <p className="mt-2 max-w-prose">
                    {copy.on(instant(factor.since))} {copy.codes(factor.codes)} {factor.isRequired && copy.required}
                </p>
            )}
            {isConfirmed && <FactorActs factor={factor} />}
        </section>
    );
}

function FactorActs({ factor }: { factor: FactorProps }) {
    if (factor.since === null) {
        return (
            <Link href={route('account.factor')} className="act act-main mt-3">
                {copy.setUp}
            </Link>
        );
    }

    return (
        <p className="mt-3 flex flex-wrap gap-2">
            <Confirm
                title={copy.renewTitle}
                yes={copy.renew}
                no={copy.cancel}
                onYes={() => {
                    router.post(route('account.recovery-codes.renew'));
                }}
                button={{ className: 'act', children: copy.renew }}
            >
                {copy.renewText}
            </Confirm>
            {!factor.isRequired && (
                <Confirm
                    title={copy.removeTitle}
                    yes={copy.removeYes}
                    no={copy.cancel}
                    onYes={() => {
                        router.delete(route('account.factor.remove'));
                    }}
                    button={{ className: 'act', children: copy.remove }}
                >
                    {copy.removeText}
                </Confirm>
            )}
        </p>
    );
}
