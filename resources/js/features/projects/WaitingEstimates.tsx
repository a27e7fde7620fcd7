import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, WaitingEstimateProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { verdict } from './growthOf';

const copy = text.waitingEstimate;

/** Remaining estimates that wait for the project manager, each with its effect and the two answers. */
export function WaitingEstimates({ project, format }: { project: ProjectProps; format: HoursFormat }) {
    if (project.waiting.length === 0) {
        return null;
    }

    return (
        <section aria-labelledby="waiting-estimates" className="mt-3">
            <h2 id="waiting-estimates" className="text-faded">
                {project.mayDecide ? copy.title : copy.titleOfOthers}
            </h2>
            <ul>
                {project.waiting.map((estimate) => (
                    <li key={estimate.id} className="border-t border-rule py-1.5">
                        <WaitingEstimate estimate={estimate} project={project} format={format} />
                    </li>
                ))}
            </ul>
        </section>
    );
}

interface WaitingEstimateItemProps {
    estimate: WaitingEstimateProps;
    project: ProjectProps;
    format: HoursFormat;
}

function WaitingEstimate({ estimate, project, format }: WaitingEstimateItemProps) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const on = shortDay(estimate.on);

    return (
        <>
            <p className="[overflow-wrap:anywhere]">
                {estimate.isDone
                    ? copy.done(estimate.person, on, estimate.task, hours(estimate.before))
                    : copy.remaining(estimate.person, on, estimate.task, hours(estimate.after), hours(estimate.before))}{' '}
                {estimate.by !== '' && <span className="text-faded">{copy.by(estimate.by)} </span>}
                {estimate.reason !== '' && <q>{estimate.reason}</q>}
            </p>
            <p className="pencilled">
                {copy.effect(
                    hours(estimate.forecastBefore),
                    hours(estimate.forecastAfter),
                    verdict(estimate.forecastAfter - estimate.planned, format),
                )}
                {estimate.costBefore !== null &&
                    estimate.costAfter !== null &&
                    copy.cost(
                        printMoney(estimate.costBefore, project.currency),
                        printMoney(estimate.costAfter, project.currency),
                    )}
                .
            </p>
            {project.mayDecide && (
                <Verdict address={route('project.decide-remaining', { project: project.code, asked: estimate.id })} />
            )}
        </>
    );
}

/** Accepts an estimate, or declines it with a reason. */
function Verdict({ address }: { address: string }) {
    const [isDeclining, setDeclining] = useState(false);
    const [why, setWhy] = useState('');
    const [isGoing, setGoing] = useState(false);
    const decide = (accept: boolean) => {
        router.post(
            address,
            { accept, comment: why },
            {
                preserveScroll: true,
                onStart: () => {
                    setGoing(true);
                },
                onFinish: () => {
                    setGoing(false);
                },
            },
        );
    };
    const startDecline = () => {
        setDeclining(true);
    };
    if (!isDeclining) {
        return (
            <p className="mt-1 flex gap-3">
                <button
                    type="button"
                    className="act act-main"
                    disabled={isGoing}
                    onClick={() => {
                        decide(true);
                    }}
                >
                    {copy.accept}
                </button>
                <button type="button" className="act" disabled={isGoing} onClick={startDecline}>
                    {copy.decline}
                </button>
            </p>
        );
    }

    return (
        <form
            className="mt-1 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                decide(false);
            }}
        >
            <span className="min-w-64 grow">
                <Field
                    label={copy.why}
                    value={why}
                    autoFocus
                    required
                    maxLength={1000}
                    onChange={(event) => {
                        setWhy(event.target.value);
                    }}
                />
            </span>
            <button className="act act-main" disabled={isGoing}>
                {copy.declineNow}
            </button>
            <button
                type="button"
                className="act"
                onClick={() => {
                    setDeclining(false);
                }}
            >
                {copy.back}
            </button>
        </form>
    );
}
