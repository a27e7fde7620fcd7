import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { DirectoryKind, DirectoryRowProps } from '@/types/generated/props';
import { MergeForm } from '@/ui/MergeForm';
import { SideScroll } from '@/ui/SideScroll';
import { TableHead } from '@/ui/TableHead';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { DirectoryForm } from './DirectoryForm';

const copy = officeText.directoryPage;

/** Teams, roles or clients, of which one at a time is changed in its row. */
export function DirectoryTable({ kind, rows }: { kind: DirectoryKind; rows: DirectoryRowProps[] }) {
    const [open, setOpen] = useState<string | null>(null);
    const heads = [copy.name, copy.code, ...(kind === 'teams' ? [copy.lead, copy.timesheet] : []), copy.used, copy.acts];

    return (
        <SideScroll onlyNarrow label={copy.names[kind]}>
            <table className="mt-2 w-full max-w-4xl">
                <TableHead heads={heads} />
                <tbody>
                    {rows.map((row) =>
                        row.code === open ? (
                            <tr key={row.code}>
                                <td colSpan={heads.length} className="border-b border-rule py-2">
                                    <DirectoryForm
                                        kind={kind}
                                        row={row}
                                        onDone={() => {
                                            setOpen(null);
                                        }}
                                    />
                                    <MergeForm
                                        name={row.name}
                                        address={route('office.directory.merge', { kind, code: row.code })}
                                        hint={copy.mergeHints[kind]}
                                        kind={kind}
                                    />
                                </td>
                            </tr>
                        ) : (
                            <Row
                                key={row.code}
                                kind={kind}
                                row={row}
                                onOpen={() => {
                                    setOpen(row.code);
                                }}
                            />
                        ),
                    )}
                </tbody>
            </table>
        </SideScroll>
    );
}

function Row({ kind, row, onOpen }: { kind: DirectoryKind; row: DirectoryRowProps; onOpen: () => void }) {
    return (
        <tr>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                {row.name}
                {row.isRetired && <span className="text-faded"> ({copy.retired.toLowerCase()})</span>}
            </th>
            <td className="border-b border-rule pe-4 text-faded">{row.code}</td>
            {kind === 'teams' && (
                <>
                    <td className="border-b border-rule pe-4">{row.lead?.name}</td>
                    <td className="border-b border-rule pe-4">
                        {copy.periods[row.period ?? 'week']}, {copy.units[row.unit ?? ''].toLowerCase()}
                    </td>
                </>
            )}
            <td className="border-b border-rule pe-4 text-faded">{row.uses > 0 && copy.uses[kind](row.uses)}</td>
            <td className="border-b border-rule">
                <span className="flex flex-wrap gap-x-4">
                    <button type="button" className="act-quiet" aria-label={copy.changeOf(row.name)} onClick={onOpen}>
                        {copy.change}
                    </button>
                    {kind === 'clients' && (
                        <Link
                            className="act-quiet"
                            aria-label={copy.detailsOf(row.name)}
                            href={route('office.clients.client', { client: row.code })}
                        >
                            {copy.details}
                        </Link>
                    )}
                    {row.uses === 0 && (
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.removeOf(row.name)}
                            onClick={() => {
                                router.delete(route('office.directory.remove', { kind, code: row.code }), {
                                    preserveScroll: true,
                                });
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
