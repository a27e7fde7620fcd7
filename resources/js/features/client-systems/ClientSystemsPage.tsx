import { OfficeShell } from '@/features/office';
import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientSystemRowProps, ClientSystemsProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { Link } from '@inertiajs/react';
import { SystemForm } from './SystemForm';

const copy = officeText.clientSystemsPage;

/** All clients' systems, and a new one. */
export function ClientSystemsPage({ systems: { rows, monday } }: { systems: ClientSystemsProps }) {
    return (
        <OfficeShell title={copy.title} finding={rows.length === 0 ? copy.none : copy.finding(rows.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            {rows.length > 0 && (
                <table className="mt-4 w-full max-w-4xl">
                    <TableHead heads={[copy.system, copy.client, copy.lastRead, copy.state]} />
                    <tbody>
                        {rows.map((row) => (
                            <Row key={row.id} row={row} />
                        ))}
                    </tbody>
                </table>
            )}
            <section aria-labelledby="add" className="mt-8">
                <h2 id="add">{copy.add}</h2>
                <SystemForm key={rows.length} startsOn={monday} />
            </section>
        </OfficeShell>
    );
}

function Row({ row: { id, name, clientName, readAt, openWeeks } }: { row: ClientSystemRowProps }) {
    return (
        <tr>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.client-systems.system', { clientSystem: id })}
                >
                    {name}
                </Link>
            </th>
            <td className="border-b border-rule pe-4 [overflow-wrap:anywhere]">{clientName}</td>
            <td className="border-b border-rule pe-4 text-faded">{readAt === null ? copy.never : instant(readAt)}</td>
            <td className={`border-b border-rule ${openWeeks > 0 ? 'text-ochre' : ''}`}>
                {openWeeks > 0 ? copy.open(openWeeks) : copy.agrees}
            </td>
        </tr>
    );
}
