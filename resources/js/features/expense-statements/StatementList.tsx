import { instant, span } from '@/lib/days';
import { printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { StatementsProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';

const copy = officeText.expenseStatements;

/** The statements that were made, the newest first, each with its files. */
export function StatementList({ statements: { kind, statements, currency, page, pages } }: { statements: StatementsProps }) {
    const cell = 'border-b border-rule py-1 pe-4';

    return (
        <section aria-label={copy.list} className="mt-8">
            <h2>{copy.list}</h2>
            {statements.length === 0 ? (
                <p className="text-faded">{copy.none}</p>
            ) : (
                <SideScroll label={copy.list}>
                    <table className="mt-2 w-full max-w-4xl min-w-[40rem]">
                        <TableHead
                            heads={[
                                copy.period,
                                ...(kind === 'client' ? [copy.client] : []),
                                copy.expenses,
                                copy.sum,
                                copy.madeBy,
                                copy.download,
                            ]}
                        />
                        <tbody>
                            {statements.map((one) => (
                                <tr key={one.id}>
                                    <th scope="row" className={cell}>
                                        {span(one.from, one.until)}
                                    </th>
                                    {kind === 'client' && <td className={cell}>{one.client}</td>}
                                    <td className={cell}>{one.expenses}</td>
                                    <td className={cell}>{printMoney(one.amount, currency)}</td>
                                    <td className={cell}>
                                        {one.madeBy}, {instant(one.madeAt)}
                                    </td>
                                    <td className={cell}>
                                        <span className="flex gap-x-4">
                                            {(['csv', 'pdf'] as const).map((format) => (
                                                <a
                                                    key={format}
                                                    className="act-quiet"
                                                    aria-label={copy.downloadOf(format.toUpperCase(), span(one.from, one.until))}
                                                    href={route('office.expense-statements.file', {
                                                        expenseStatement: one.id,
                                                        format,
                                                    })}
                                                >
                                                    {format.toUpperCase()}
                                                </a>
                                            ))}
                                        </span>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </SideScroll>
            )}
            <Paging
                page={page}
                pages={pages}
                address={(other) => route('office.expense-statements', {}, { kind, page: String(other) })}
            />
        </section>
    );
}
