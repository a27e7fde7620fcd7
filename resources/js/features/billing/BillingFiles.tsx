import { instant, span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import type { BillingFileProps, BillingProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';
import { useState } from 'react';

const copy = officeText.billingPage;
const formats = ['csv', 'xlsx', 'pdf'] as const;

/** What was billed, or paid, the newest first. */
export function BillingFiles({ billing: { kind, files, mappings, page, pages, currency } }: { billing: BillingProps }) {
    const [mapping, choose] = useState('');
    const heads = [
        copy.period,
        ...(kind === 'bill' ? [copy.ofClient] : []),
        copy.hours,
        ...(kind === 'bill' ? [copy.amount] : []),
        copy.made,
        copy.download,
    ];

    return (
        <section aria-labelledby="files" className="mt-8">
            <div className="flex flex-wrap items-baseline-last justify-between gap-3">
                <h2 id="files">{copy.files}</h2>
                {mappings.length > 0 && files.length > 0 && (
                    <Select
                        label={copy.mapping}
                        options={[['', copy.allColumns], ...mappings.map(({ id, name }) => [String(id), name] as const)]}
                        value={mapping}
                        className="w-64"
                        onChoose={choose}
                    />
                )}
            </div>
            {files.length === 0 ? (
                <p className="text-faded">{copy.none}</p>
            ) : (
                <SideScroll labelledBy="files">
                    <table className="mt-2 w-full min-w-[40rem]">
                        <TableHead heads={heads} />
                        <tbody>
                            {files.map((file) => (
                                <Row key={file.id} file={file} mapping={mapping} currency={currency} />
                            ))}
                        </tbody>
                    </table>
                </SideScroll>
            )}
            <Paging
                page={page}
                pages={pages}
                address={(other) => route('office.billing', {}, { kind, page: other === 1 ? null : other })}
                className="mt-3"
            />
        </section>
    );
}

function Row({ file, mapping, currency }: { file: BillingFileProps; mapping: string; currency: string }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const period = span(file.startsOn, file.endsOn);
    // What it comes to is known once it is.
    const isMade = file.state !== 'settling';
    const cell = 'border-b border-rule py-1 pe-4 align-top';

    return (
        <tr>
            <th scope="row" className={`${cell} font-normal whitespace-nowrap`}>
                {period}
            </th>
            {file.kind === 'bill' && <td className={`${cell} [overflow-wrap:anywhere]`}>{file.client ?? copy.allClients}</td>}
            <td className={`${cell} whitespace-nowrap`}>{isMade && hoursWithUnit(file.minutes, format)}</td>
            {file.kind === 'bill' && (
                <td className={cell}>
                    <span className="whitespace-nowrap">{isMade && printMoney(file.amount ?? '0', currency)}</span>
                    {file.unrated > 0 && (
                        <span className="block text-ochre">{copy.unrated(hoursWithUnit(file.unrated, format))}</span>
                    )}
                </td>
            )}
            <td className={`${cell} text-faded`}>{copy.madeBy(file.by, instant(file.at))}</td>
            <td className={cell}>
                {!isMade ? (
                    <span className="text-faded">{copy.settling}</span>
                ) : (
                    <span className="flex gap-x-4">
                        {formats.map((one) => (
                            <a
                                key={one}
                                className="act-quiet"
                                aria-label={copy.downloadOf(one.toUpperCase(), period)}
                                href={route(
                                    'office.billing.file',
                                    { billingFile: file.id, format: one },
                                    { mapping: mapping || null },
                                )}
                            >
                                {one.toUpperCase()}
                            </a>
                        ))}
                    </span>
                )}
            </td>
        </tr>
    );
}
