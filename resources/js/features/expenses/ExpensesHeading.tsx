import { dayAndMonth, span } from '@/lib/days';
import { printAmount, printMoney } from '@/lib/money';
import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpensesProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Link } from '@inertiajs/react';

const copy = officeText.expensesPage;

/** Which week it is and what was spent, and the way to other weeks. */
export function ExpensesHeading({ page }: { page: ExpensesProps }) {
    const own = page.currencies[0]?.code ?? '';
    const reimbursable = page.sums.filter((sum) => Number(sum.reimbursable) !== 0);
    const title = copy.title(page.number, span(page.days[0] ?? '', page.days[6] ?? ''));

    return (
        <>
            <PageHeading
                title={page.isOwn ? title : `${title} · ${page.personName}`}
                finding={[
                    copy.finding(page.counting, printList(page.sums.map((sum) => printAmount(sum.gross, sum.currency)))),
                    ...(reimbursable.length === 0
                        ? []
                        : [copy.reimbursable(printList(reimbursable.map((sum) => printAmount(sum.reimbursable, sum.currency))))]),
                    ...(page.expenses.length === 0 ? [] : [copy.borne(printMoney(page.cost, own))]),
                ].join(' ')}
            >
                <Link
                    className="act-quiet"
                    href={
                        page.isOwn
                            ? route('week', { week: page.week })
                            : route('week.of', { person: page.person, week: page.week })
                    }
                >
                    {copy.hours}
                </Link>
            </PageHeading>
            <p className="no-print mt-1 flex flex-wrap items-baseline gap-x-6 gap-y-1">
                <Link className="act-quiet" href={route('expenses', { person: page.person, week: page.previous })}>
                    {copy.before}
                </Link>
                <Link className="act-quiet" href={route('expenses', { person: page.person, week: page.next })}>
                    {copy.after}
                </Link>
                {page.elsewhere.map(({ week, monday, open }) => (
                    <Link
                        key={week}
                        className="text-ochre underline underline-offset-4"
                        href={route('expenses', { person: page.person, week })}
                    >
                        {copy.elsewhere(open, dayAndMonth(monday))}
                    </Link>
                ))}
            </p>
        </>
    );
}
