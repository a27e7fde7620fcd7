import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccountRowProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { router } from '@inertiajs/react';

const copy = officeText.accountsPage;
const kept = { preserveScroll: true } as const;

/** What the office can do about somebody's account. */
export function AccountActs({ row, onInvite }: { row: AccountRowProps; onInvite: () => void }) {
    const person = { person: row.code };

    return (
        <span className="flex flex-wrap gap-x-4 gap-y-1">
            {row.mayBeInvited && (
                <Act name={row.invitedAt === null ? copy.inviteOne : copy.inviteAgain} whose={row.name} onClick={onInvite} />
            )}
            {row.signIns > 0 && (
                <Act
                    name={copy.endSignIns}
                    whose={row.name}
                    onClick={() => {
                        router.delete(route('office.accounts.end-sign-ins', person), kept);
                    }}
                />
            )}
            {row.hasFactor && (
                <Confirm
                    title={copy.removeFactorTitle(row.name)}
                    yes={copy.removeFactor}
                    no={copy.cancel}
                    onYes={() => {
                        router.delete(route('office.accounts.remove-factor', person), kept);
                    }}
                    button={{
                        className: 'act-quiet',
                        'aria-label': copy.actOf(copy.removeFactor, row.name),
                        children: `${copy.removeFactor}…`,
                    }}
                >
                    {copy.removeFactorText}
                </Confirm>
            )}
            {row.state === 'disabled' ? (
                <Act
                    name={copy.enable}
                    whose={row.name}
                    onClick={() => {
                        router.delete(route('office.accounts.enable', person), kept);
                    }}
                />
            ) : (
                <Confirm
                    title={copy.disableTitle(row.name)}
                    yes={copy.disable}
                    no={copy.cancel}
                    onYes={() => {
                        router.put(route('office.accounts.disable', person), {}, kept);
                    }}
                    button={{
                        className: 'act-quiet',
                        'aria-label': copy.actOf(copy.disable, row.name),
                        children: `${copy.disable}…`,
                    }}
                >
                    {copy.disableText}
                </Confirm>
            )}
        </span>
    );
}

function Act({ name, whose, onClick }: { name: string; whose: string; onClick: () => void }) {
    return (
        <button type="button" className="act-quiet" aria-label={copy.actOf(name, whose)} onClick={onClick}>
            {name}
        </button>
    );
}
