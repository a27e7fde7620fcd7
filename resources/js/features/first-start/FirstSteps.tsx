import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { FirstStep, FirstStepProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = officeText.firstSteps;

/** Where each step is done. */
const ADDRESSES: Record<FirstStep, string> = {
    organisation: route('office.organisation'),
    people: route('office.people'),
    clients: route('office.clients'),
    project: route('projects.new'),
    rules: route('office.rules'),
    rates: route('office.rates'),
    week: route('week.current'),
};

const CAN_WAIT: readonly FirstStep[] = ['rules', 'rates'];

/** What leads to the first recorded week, and how far it is. */
export function FirstSteps({ steps }: { steps: FirstStepProps[] }) {
    return (
        <section aria-labelledby="first-steps">
            <h2 id="first-steps">{copy.title}</h2>
            <ol className="mt-1">
                {steps.map(({ step, isDone }) => (
                    <li key={step} className="flex min-h-11 items-baseline gap-x-4 border-b border-rule py-2">
                        <Link href={ADDRESSES[step]} className="act-quiet">
                            {copy.names[step]}
                        </Link>
                        <span className={isDone ? 'ms-auto text-moss' : 'ms-auto text-faded'}>
                            {isDone ? copy.done : CAN_WAIT.includes(step) ? copy.optional : ''}
                        </span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
