import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccountProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { ConfirmForm } from './ConfirmForm';
import { FactorSection } from './FactorSection';
import { PasswordForm } from './PasswordForm';
import { SignInsTable } from './SignInsTable';
import { TokensSection } from './TokensSection';

/** How the reader signs in, and where they are signed in. */
export function AccountPage({ account }: { account: AccountProps }) {
    const copy = officeText.accountPage;

    return (
        <Shell>
            <PageHeading title={copy.title} finding={copy.finding(account.email, account.factor.since !== null)} />
            {!account.isConfirmed && <ConfirmForm account={account} />}
            <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-16 gap-y-8 lg:grid-cols-2">
                <FactorSection factor={account.factor} isConfirmed={account.isConfirmed} />
                <section aria-labelledby="password">
                    <h2 id="password">{copy.password.title}</h2>
                    {account.hasPassword ? <PasswordForm email={account.email} /> : <p className="mt-2">{copy.password.none}</p>}
                </section>
            </div>
            <SignInsTable account={account} />
            <TokensSection account={account} />
            <section aria-labelledby="own-data" className="mt-8">
                <h2 id="own-data">{officeText.personalData.own}</h2>
                <p className="text-faded">{officeText.personalData.ownHint}</p>
                <a className="act-quiet" href={route('account.data')} download>
                    {officeText.personalData.download}
                </a>
            </section>
        </Shell>
    );
}
