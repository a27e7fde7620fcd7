import { route } from '@/lib/route';
import { span, wholeDate } from '@/lib/days';
import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { Link, router } from '@inertiajs/react';
import { Confirm } from '@/ui/Confirm';
import { Select } from '@/ui/Select';

interface PlanHeadProps {
    plan: PlanProps;
    onSettings: () => void;
}

/** What the project is, which plan stands beside it, and what else can be done with the whole. */
export function PlanHead({ plan, onSettings }: PlanHeadProps) {
    const address = route('project.plan', { project: plan.code });
    const choose = (day: string) => {
        router.get(address, day === '' ? {} : { compare: day }, { preserveScroll: true });
    };

    return (
        <div className="flex flex-wrap items-baseline-last justify-between gap-x-6 gap-y-2">
            <div>
                <h1>{text.plan.title(plan.name)}</h1>
                <p className="text-faded">
                    {text.projectPage.about(plan.client === null ? '' : `${plan.client} · `, plan.manager)}
                    {plan.startsOn !== null && plan.endsOn !== null && ` · ${span(plan.startsOn, plan.endsOn)}`}
                    {!plan.isOpen && ` · ${text.projectPage.closed}`}
                </p>
            </div>
            <div className="no-print flex flex-wrap items-baseline-last gap-x-4 gap-y-1">
                {plan.dates.length > 0 && (
                    <Select
                        label={text.plan.beside}
                        value={plan.comparedOn ?? ''}
                        options={[
                            ['', text.plan.besideNothing],
                            ...plan.dates.map(
                                (day) =>
                                    [
                                        day,
                                        day === plan.baselineOn ? text.plan.baselineOf(wholeDate(day)) : wholeDate(day),
                                    ] as const,
                            ),
                        ]}
                        onChoose={choose}
                    />
                )}
                <Link href={route('project.schedule', { project: plan.code })} className="act-quiet">
                    {text.plan.schedule}
                </Link>
                {plan.mayPlan && (
                    <>
                        <button type="button" className="act-quiet" onClick={onSettings}>
                            {text.plan.settings}
                        </button>
                        <Link href={route('projects.new', {}, { from: plan.code })} className="act-quiet">
                            {text.plan.copy}
                        </Link>
                        <Link href={route('project.tracker', { project: plan.code })} className="act-quiet">
                            {text.plan.tracker}
                        </Link>
                        <Confirm
                            title={text.plan.takeBaseline}
                            yes={text.plan.takeBaseline}
                            no={text.plan.keepBaseline}
                            onYes={() => {
                                router.put(route('project.baseline', { project: plan.code }), {}, { preserveScroll: true });
                            }}
                            button={{ className: 'act-quiet', children: text.plan.takeBaseline }}
                        >
                            {text.plan.baselineReplaced}
                        </Confirm>
                    </>
                )}
            </div>
        </div>
    );
}
