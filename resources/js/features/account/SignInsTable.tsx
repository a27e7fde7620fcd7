import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccountProps, SignInRowProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { router } from '@inertiajs/react';
import clsx from 'clsx';

const copy = officeText.accountPage.signIns;
const kept = { preserveScroll: true } as const;

/** The browsers in which the reader is signed in. */
export function SignInsTable({ account: { signIns, isConfirmed, longestDays, unusedHours } }: { account: AccountProps }) {
    const details = [copy.method, copy.since, copy.lastUse, copy.from];
    const heads = [copy.browser, ...details, ...(isConfirmed ? [copy.acts] : [])];

    return (
        <section aria-labelledby="sign-ins" className="mt-8">
            <h2 id="sign-ins">{copy.title}</h2>
            <SideScroll labelledBy="sign-ins">
                <table className="mt-2 w-full sm:min-w-[44rem]">
                    <thead>
                        <tr className="text-faded">
                            {heads.map((head) => (
                                <th
                                    key={head}
                                    scope="col"
                                    className={clsx('border-b border-edge pe-4', details.includes(head) && 'max-sm:hidden')}
                                >
                                    {head}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {signIns.map((signIn) => (
                            <Row key={signIn.id} signIn={signIn} mayEnd={isConfirmed} />
                        ))}
                    </tbody>
                </table>
            </SideScroll>
            {isConfirmed && signIns.length > 1 && (
                <button
                    type="button"
                    className="act mt-3"
                    onClick={() => {
                        router.delete(route('account.sign-ins.end'), kept);
                    }}
                >
                    {copy.endOthers}
                </button>
            )}
            <p className="pencilled mt-2">{copy.longest(longestDays, unusedHours)}</p>
        </section>
    );
}

function Row({ signIn, mayEnd }: { signIn: SignInRowProps; mayEnd: boolean }) {
    const browser = signIn.browser === '' ? copy.unknown : signIn.browser;
    const since = instant(signIn.startedAt);

    return (
        <tr>
            <th scope="row" className="border-b border-rule py-1 pe-4">
                {browser} {signIn.isThis && <span className="text-moss italic">{copy.current}</span>}
                <span className="block text-faded sm:hidden">
                    {copy.inShort(copy.methods[signIn.method], instant(signIn.lastSeenAt))}
                </span>
            </th>
            {[copy.methods[signIn.method], since, instant(signIn.lastSeenAt), signIn.networkAddress].map((cell, place) => (
                <td key={place} className="border-b border-rule pe-4 text-faded max-sm:hidden">
                    {cell}
                </td>
            ))}
            {mayEnd && (
                <td className="border-b border-rule">
                    {!signIn.isThis && (
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.endOf(browser, since)}
                            onClick={() => {
                                router.delete(route('account.sign-ins.end-one', { signIn: signIn.id }), kept);
                            }}
                        >
                            {copy.end}
                        </button>
                    )}
                </td>
            )}
        </tr>
    );
}
