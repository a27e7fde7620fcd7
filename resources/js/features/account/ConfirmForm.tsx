import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccountProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PasswordField } from '@/ui/PasswordField';
import { router } from '@inertiajs/react';

const copy = officeText.accountPage.confirm;

/** Has the reader show that it is still them before they change how they sign in. */
export function ConfirmForm({ account }: { account: AccountProps }) {
    return (
        <section aria-labelledby="confirm" className="mt-4 border-s-2 border-ochre ps-4">
            <h2 id="confirm">{copy.title}</h2>
            {account.hasPassword ? <ByPassword /> : <ByProvider name={account.singleSignOn} />}
        </section>
    );
}

function ByPassword() {
    return (
        <>
            <p className="max-w-prose">{copy.explained}</p>
            <form
                className="mt-2 flex flex-wrap items-start gap-x-4 gap-y-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    const password = new FormData(event.currentTarget).get('confirmation');
                    router.post(
                        route('account.confirm'),
                        { password: typeof password === 'string' ? password : '' },
                        { preserveScroll: true },
                    );
                }}
            >
                <PasswordField label={copy.password} name="confirmation" required className="w-64" />
                <button type="submit" className="act act-main mt-6">
                    {copy.submit}
                </button>
            </form>
            <FieldError of={['confirmation']} />
        </>
    );
}

function ByProvider({ name }: { name: string | null }) {
    return (
        <>
            <p className="max-w-prose">{name === null ? copy.setFirst : copy.explainedProvider(name)}</p>
            {name !== null && (
                <button
                    type="button"
                    className="act act-main mt-2"
                    onClick={() => {
                        router.post(route('sign-in.single-sign-on'));
                    }}
                >
                    {copy.provider(name)}
                </button>
            )}
        </>
    );
}
