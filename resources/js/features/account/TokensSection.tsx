import { instant, wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccessTokenProps, AccountProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { Link, router } from '@inertiajs/react';
import { TokenForm } from './TokenForm';

const copy = officeText.accountPage.tokens;

/** With what programs ask in the reader's name: seen, created and revoked. */
export function TokensSection({
    account: { tokens, rights, newToken, isConfirmed, keepsApplications },
}: {
    account: AccountProps;
}) {
    return (
        <section aria-labelledby="tokens" className="mt-8">
            <h2 id="tokens">{copy.title}</h2>
            <p className="max-w-prose text-faded">{tokens.length === 0 ? copy.none : copy.hint}</p>
            <Link className="act-quiet" href={route('account.api')}>
                {copy.reference}
            </Link>
            {newToken !== null && (
                <p className="mt-2 border-s-2 border-moss ps-3">
                    <label>
                        {copy.created}
                        <input readOnly value={newToken} className="ms-2 w-full max-w-xl bg-sheet px-2 py-1" />
                    </label>
                </p>
            )}
            {tokens.length > 0 && (
                <SideScroll labelledBy="tokens">
                    <table className="mt-2 w-full sm:min-w-[44rem]">
                        <thead>
                            <tr className="text-faded">
                                {[copy.name, copy.rights, copy.createdAt, copy.lastUse, copy.endsOn].map((head) => (
                                    <th key={head} scope="col" className="border-b border-edge pe-4">
                                        {head}
                                    </th>
                                ))}
                                <td className="border-b border-edge" />
                            </tr>
                        </thead>
                        <tbody>
                            {tokens.map((token) => (
                                <Row key={token.id} token={token} mayRevoke={isConfirmed} />
                            ))}
                        </tbody>
                    </table>
                </SideScroll>
            )}
            {isConfirmed ? (
                <TokenForm rights={rights} keepsApplications={keepsApplications} />
            ) : (
                <p className="pencilled mt-2">{copy.confirmFirst}</p>
            )}
        </section>
    );
}

function Row({ token, mayRevoke }: { token: AccessTokenProps; mayRevoke: boolean }) {
    const cells = [
        token.rights.map((right) => copy.rightNames[right]).join(', '),
        instant(token.createdAt),
        token.lastUsedAt === null ? copy.never : instant(token.lastUsedAt),
        token.hasEnded ? copy.ended(wholeDate(token.endsOn)) : wholeDate(token.endsOn),
    ];

    return (
        <tr>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                {token.name}
                {token.application !== null && (
                    <span className="block font-normal text-faded">{copy.application(token.application)}</span>
                )}
            </th>
            {cells.map((cell, place) => (
                <td key={place} className="border-b border-rule pe-4 text-faded">
                    {cell}
                </td>
            ))}
            <td className="border-b border-rule text-end">
                {mayRevoke && token.application !== null && !token.isOwn && (
                    <button
                        type="button"
                        className="act-quiet me-4"
                        aria-label={copy.takeOverOf(token.name)}
                        onClick={() => {
                            router.put(route('account.tokens.take-over', { token: token.id }), {}, { preserveScroll: true });
                        }}
                    >
                        {copy.takeOver}
                    </button>
                )}
                {mayRevoke && (
                    <button
                        type="button"
                        className="act-quiet"
                        aria-label={copy.revokeOf(token.name)}
                        onClick={() => {
                            router.delete(route('account.tokens.revoke', { token: token.id }), { preserveScroll: true });
                        }}
                    >
                        {copy.revoke}
                    </button>
                )}
            </td>
        </tr>
    );
}
