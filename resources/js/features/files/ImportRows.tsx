import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ImportPreviewProps, TransferRowProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import clsx from 'clsx';

const copy = officeText.importPage;

/** The rows of an import that make something new, change or end it, or are wrong. */
export function ImportRows({ preview }: { preview: ImportPreviewProps }) {
    const { transfer, outcome, file, files, rows, found, page, pages } = preview;
    const address = (given: { outcome?: string; file?: string; page?: number }) => {
        const asked = { outcome, file, ...given };

        return route(
            'office.files.transfer',
            { transfer: transfer.id },
            {
                outcome: asked.outcome === '' ? null : asked.outcome,
                file: asked.file === '' ? null : asked.file,
                page: given.page ?? null,
            },
        );
    };
    if (files.length === 0) {
        return null;
    }

    return (
        <section aria-label={copy.row} className="mt-6">
            <div className="flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                <Select
                    label={copy.outcome}
                    value={outcome}
                    options={Object.entries(copy.outcomes)}
                    onChoose={(chosen) => {
                        router.get(address({ outcome: chosen }), {}, { preserveScroll: true });
                    }}
                />
                <Select
                    label={copy.file}
                    value={file}
                    options={[['', copy.allFiles], ...files.map((each) => [each, each] as const)]}
                    onChoose={(chosen) => {
                        router.get(address({ file: chosen }), {}, { preserveScroll: true });
                    }}
                />
                <span className="text-faded">{found === 0 ? copy.nothing : copy.found(found)}</span>
            </div>
            {rows.length > 0 && <Rows rows={rows} />}
            <Paging page={page} pages={pages} address={(other) => address({ page: other })} className="mt-3" />
        </section>
    );
}

function Rows({ rows }: { rows: TransferRowProps[] }) {
    return (
        <table className="mt-3 w-full">
            <thead className="text-faded">
                <tr>
                    {[copy.file, copy.line, copy.outcome, copy.row, copy.change].map((head) => (
                        <th
                            key={head}
                            scope="col"
                            className={clsx(
                                'border-b border-edge pe-4',
                                head === copy.line && 'text-end',
                                (head === copy.line || head === copy.file) && 'max-sm:hidden',
                            )}
                        >
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map((row, index) => (
                    <tr key={`${row.file} ${String(row.line)} ${String(index)}`}>
                        <td className="border-b border-rule py-1 pe-4 max-sm:hidden">{row.file}</td>
                        <td className="border-b border-rule pe-4 text-end max-sm:hidden">{row.line}</td>
                        <td className={`border-b border-rule pe-4 ${row.outcome === 'wrong' ? 'text-brick' : ''}`}>
                            {copy.outcomeOf[row.outcome] ?? row.outcome}
                        </td>
                        <td className="border-b border-rule pe-4 [overflow-wrap:anywhere]">
                            {row.key}
                            <span className="block text-faded sm:hidden">{copy.lineOf(row.file, row.line)}</span>
                        </td>
                        <td className="border-b border-rule [overflow-wrap:anywhere]">
                            {row.expected === ''
                                ? row.changes.map(({ column, before, after }) => copy.changed(column, before, after)).join('; ')
                                : copy.expected(row.expected)}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
