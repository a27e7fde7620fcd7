import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { AttentionProps, HoursFormat, ProjectProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress } from './address';

const copy = text.attention;

/** One thing in words; its tasks or people follow. */
function sentence({ kind, people, minutes, money, day }: AttentionProps, currency: string, format: HoursFormat): string {
    const hours = hoursWithUnit(minutes ?? 0, format);
    const amount = money === null ? '' : printMoney(money, currency);
    const on = day === null ? '' : shortDay(day);
    switch (kind) {
        case 'over budget':
            return copy.overBudget(amount, hours);
        case 'over plan':
            return copy.overPlan(hours, day === null ? null : on);
        case 'not updated':
            return copy.notUpdated(hours);
        case 'budget going':
            return copy.budgetGoing(amount, on);
        case 'estimate raised':
            return copy.raised(on, hours);
        case 'nothing lately':
            return copy.nothingLately(hours);
        case 'not submitted':
            return copy.notSubmitted(people.length);
        case 'over assigned':
            return copy.overAssigned(hours);
    }
}

interface AttentionListProps {
    project: ProjectProps;
    format: HoursFormat;
}

/** What asks for the project manager's attention, the heaviest first. */
export function Attention({ project, format }: AttentionListProps) {
    if (project.attention.length === 0) {
        return <p className="mt-2 text-moss">{copy.nothing}</p>;
    }

    return (
        <section aria-labelledby="attention" className="mt-2">
            <h2 id="attention" className="sr-only">
                {copy.title}
            </h2>
            <ol>
                {project.attention.map((remark, index) => (
                    <li
                        key={index}
                        className={clsx(
                            'border-s-2 py-0.5 ps-3 [overflow-wrap:anywhere]',
                            remark.kind === 'over budget' || remark.kind === 'over plan' ? 'border-brick' : 'border-ochre',
                        )}
                    >
                        {remark.kind === 'estimate raised' && (
                            <OptionLists
                                named={remark.people}
                                address={(person) => route('week.of', { person, week: remark.week })}
                                after=" "
                            />
                        )}
                        {sentence(remark, project.currency, format)}
                        {remark.tasks.length > 0 && ': '}
                        <OptionLists
                            named={remark.tasks}
                            address={(task) => projectAddress(project.code, 'hours', { figure: 'forecast', task })}
                            after=""
                        />
                        {remark.more > 0 && ` ${copy.more(remark.more)}`}
                        {remark.kind === 'not submitted' && (
                            <>
                                :{' '}
                                <OptionLists
                                    named={remark.people}
                                    address={(person) => route('week.of', { person, week: remark.week })}
                                    after=""
                                />
                            </>
                        )}
                    </li>
                ))}
            </ol>
        </section>
    );
}

interface OptionListProps {
    named: { code: string; name: string }[];
    address: (code: string) => string;
    after: string;
}

function OptionLists({ named, address, after }: OptionListProps) {
    return (
        <>
            {named.map(({ code, name }, index) => (
                <span key={code}>
                    {index > 0 && ', '}
                    <Link
                        href={address(code)}
                        preserveScroll
                        className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                    >
                        {name}
                    </Link>
                </span>
            ))}
            {after}
        </>
    );
}
