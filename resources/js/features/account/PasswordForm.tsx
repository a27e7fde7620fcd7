import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { FieldError } from '@/ui/FieldError';
import { PasswordField } from '@/ui/PasswordField';
import { useForm } from '@inertiajs/react';

const copy = officeText.accountPage.password;

/** Gives the reader another password. */
export function PasswordForm({ email }: { email: string }) {
    const form = useForm({ current_password: '', password: '' });

    return (
        <form
            className="mt-2 flex max-w-sm flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('account.password'), {
                    preserveScroll: true,
                    onSuccess: () => {
                        form.reset();
                    },
                });
            }}
        >
            {/* So that a password manager knows whose it is. */}
            <input type="hidden" autoComplete="username" value={email} readOnly />
            <PasswordField
                label={copy.current}
                name="current_password"
                required
                value={form.data.current_password}
                onChange={(event) => {
                    form.setData('current_password', event.target.value);
                }}
            />
            <PasswordField
                isNew
                label={copy.new}
                name="password"
                required
                value={form.data.password}
                onChange={(event) => {
                    form.setData('password', event.target.value);
                }}
            />
            <FieldError of={['current_password', 'password']} />
            <p className="flex flex-wrap items-baseline gap-x-4">
                <button type="submit" disabled={form.processing} className="act">
                    {copy.submit}
                </button>
                <span className="pencilled">{copy.ends}</span>
            </p>
        </form>
    );
}
