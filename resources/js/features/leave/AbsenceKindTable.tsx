import { printHalves } from '@/lib/numbers';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AbsenceKindRowProps } from '@/types/generated/props';
import { MergeForm } from '@/ui/MergeForm';
import { router } from '@inertiajs/react';
import clsx from 'clsx';
import { useState } from 'react';
import { AbsenceKindForm } from './AbsenceKindForm';

const copy = officeText.absenceKindsPage;
const heads = [copy.name, copy.countsAs, copy.visibleTo, copy.approval, copy.allowance, copy.carried, copy.acts];

/** The kinds, of which one at a time is changed in its row; on a phone, what they are is said below the name. */
export function AbsenceKindTable({ kinds, year }: { kinds: AbsenceKindRowProps[]; year: number }) {
    const [open, setOpen] = useState<number | null>(null);

    return (
        <table className="mt-4 w-full">
            <thead className="text-faded">
                <tr>
                    {heads.map((head) => (
                        <th
                            key={head}
                            scope="col"
                            className={clsx(
                                'border-b border-edge pe-4',
                                head !== copy.name && head !== copy.acts && 'max-sm:hidden',
                            )}
                        >
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {kinds.map((kind) =>
                    kind.id === open ? (
                        <tr key={kind.id}>
                            <td colSpan={heads.length} className="border-b border-rule py-2">
                                <AbsenceKindForm
                                    kind={kind}
                                    year={year}
                                    onDone={() => {
                                        setOpen(null);
                                    }}
                                />
                                <MergeForm
                                    name={kind.name}
                                    address={route('office.absence-kinds.merge', { kind: kind.id })}
                                    hint={copy.mergeHint}
                                    others={kinds
                                        .filter(({ id, isRetired }) => id !== kind.id && !isRetired)
                                        .map(({ id, name }) => [String(id), name] as const)}
                                />
                            </td>
                        </tr>
                    ) : (
                        <Row
                            key={kind.id}
                            kind={kind}
                            onOpen={() => {
                                setOpen(kind.id);
                            }}
                        />
                    ),
                )}
            </tbody>
        </table>
    );
}

function Row({ kind, onOpen }: { kind: AbsenceKindRowProps; onOpen: () => void }) {
    const cells = [
        copy.classes[kind.countsAs],
        copy.visibilities[kind.visibleTo],
        kind.needsApproval ? copy.byManager : copy.byRule,
        kind.allowance === null ? copy.noLimit : printHalves(kind.allowance),
        kind.allowance === null ? '' : printHalves(kind.carriedAtMost),
    ];

    return (
        <tr className={clsx(kind.isRetired && 'text-faded')}>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                {kind.name}
                {kind.isRetired && ` (${copy.retired.toLowerCase()})`}
                <span className="block text-faded sm:hidden">
                    {[...cells.slice(0, 3), copy.daysAYear(kind.allowance, kind.carriedAtMost)].join('. ')}
                </span>
            </th>
            {cells.map((cell, index) => (
                <td key={heads[index + 1]} className="border-b border-rule pe-4 max-sm:hidden">
                    {cell}
                </td>
            ))}
            <td className="border-b border-rule">
                <span className="flex flex-wrap gap-x-4">
                    <button type="button" className="act-quiet" aria-label={copy.changeOf(kind.name)} onClick={onOpen}>
                        {copy.change}
                    </button>
                    {!kind.isUsed && (
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.removeOf(kind.name)}
                            onClick={() => {
                                router.delete(route('office.absence-kinds.remove', { kind: kind.id }), { preserveScroll: true });
                            }}
                        >
                            {copy.remove}
                        </button>
                    )}
                </span>
            </td>
        </tr>
    );
}
