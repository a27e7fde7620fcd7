import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { Access, AccountsProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Switch } from '@/ui/Switch';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.accountsPage;
const kept = { preserveScroll: true } as const;
const accesses = Object.keys(copy.accesses) as Access[];

/** What the office requires of whoever signs in. */
export function SignInSettings({ accounts }: { accounts: AccountsProps }) {
    const { factorAccess, singleSignOn, singleSignOnAddsPeople } = accounts;
    const [required, require] = useState<readonly Access[]>(factorAccess);

    return (
        <section aria-labelledby="requirements" className="mt-8">
            <h2 id="requirements">{copy.settings}</h2>
            <form
                className="mt-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(route('office.accounts.require-factor'), { access: [...required] }, kept);
                }}
            >
                <fieldset className="flex flex-wrap items-center gap-x-5 gap-y-1">
                    <legend className="float-start me-5 flex min-h-8 items-center">{copy.factorFor}</legend>
                    {accesses.map((access) => (
                        <Checkbox
                            key={access}
                            label={copy.accesses[access]}
                            checked={required.includes(access)}
                            onChange={(isOn) => {
                                require(isOn ? [...required, access] : required.filter((each) => each !== access));
                            }}
                        />
                    ))}
                    <button type="submit" className="act">
                        {copy.save}
                    </button>
                </fieldset>
                <p className="pencilled mt-1 max-w-prose">{copy.factorHint}</p>
            </form>
            <h3 className="mt-4">{copy.singleSignOn}</h3>
            {singleSignOn === null ? (
                <p className="text-faded">{copy.noSingleSignOn}</p>
            ) : (
                <Switch
                    label={copy.addsPeople(singleSignOn)}
                    isOn={singleSignOnAddsPeople}
                    onTurn={(isOn) => {
                        router.put(route('office.accounts.single-sign-on'), { addsPeople: isOn }, kept);
                    }}
                />
            )}
        </section>
    );
}
