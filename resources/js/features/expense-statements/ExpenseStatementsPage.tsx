import { OfficeShell } from '@/features/office';
import { printAmount, printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseStatementKind, StatementsProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Confirm } from '@/ui/Confirm';
import { DateField } from '@/ui/DateField';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { router } from '@inertiajs/react';
import { StatementList } from './StatementList';

const copy = officeText.expenseStatements;
const kinds = Object.entries(copy.kinds) as [ExpenseStatementKind, string][];

/** What people are to be paid back, or a client is to be charged, and the statements that were made. */
export function ExpenseStatementsPage({ statements }: { statements: StatementsProps }) {
    const { kind, client, until, outstanding, sum, seen, currency, expenses: count } = statements;
    const show = (changed: { kind?: string; client?: string | null; until?: string }) => {
        router.get(
            route('office.expense-statements', {}, { kind, client: client?.code ?? null, until, ...changed }),
            {},
            { preserveScroll: true },
        );
    };

    const isChosen = kind !== 'client' || client !== null;
    const found = count === 0 ? copy.nothing : copy.finding(count, printMoney(sum, currency));
    const finding = isChosen ? found : copy.chooseClient;

    return (
        <OfficeShell title={copy.title} finding={finding}>
            <div className="mt-3 flex flex-wrap items-baseline-last gap-3">
                <Select
                    label={copy.kind}
                    options={kinds}
                    value={kind}
                    className="w-44"
                    onChoose={(chosen) => {
                        show({ kind: chosen, client: null });
                    }}
                />
                {kind === 'client' && (
                    <Combobox
                        kind="clients"
                        label={copy.client}
                        chosen={client === null ? [] : [client]}
                        className="w-60"
                        onChange={([chosen]) => {
                            show({ client: chosen?.code ?? null });
                        }}
                    />
                )}
                <DateField
                    key={until}
                    label={copy.until}
                    required
                    defaultValue={until}
                    onPick={(day) => {
                        if (day !== '') {
                            show({ until: day });
                        }
                    }}
                />
                <Confirm
                    title={copy.confirmTitle}
                    yes={copy.make}
                    no={copy.confirmNo}
                    onYes={() => {
                        router.post(route('office.expense-statements.make'), { kind, client: client?.code ?? null, until, seen });
                    }}
                    button={{ className: 'act act-main', disabled: count === 0, children: copy.make }}
                >
                    {copy.confirmText(count, printMoney(sum, currency))}
                </Confirm>
            </div>
            <FieldError />
            <p className="pencilled mt-1 max-w-prose">{copy.hint}</p>
            {outstanding.length > 0 && <Outstanding statements={statements} />}
            <StatementList statements={statements} />
        </OfficeShell>
    );
}

/** What is outstanding, by person or project and currency. */
function Outstanding({ statements: { kind, outstanding, left, currency } }: { statements: StatementsProps }) {
    const cell = 'border-b border-rule py-1 pe-4';

    return (
        <>
            <table className="mt-4 w-full max-w-3xl">
                <TableHead
                    heads={[kind === 'client' ? copy.project : copy.person, copy.expenses, copy.amount, copy.own(currency)]}
                />
                <tbody>
                    {outstanding.map((one) => (
                        <tr key={`${one.name} ${one.currency}`}>
                            <th scope="row" className={cell}>
                                {one.name}
                            </th>
                            <td className={cell}>{one.expenses}</td>
                            <td className={cell}>{printAmount(one.amount, one.currency)}</td>
                            <td className={cell}>{printMoney(one.own, '')}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {left > 0 && <p className="pencilled mt-1">{copy.left(left)}</p>}
        </>
    );
}
