import { shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, WaitingWordProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { verdict } from './growthOf';

const words = text.waitingWord;

/** What people say is left and waits for the project manager, each with its effect and the two answers. */
export function WaitingWords({ project, format }: { project: ProjectProps; format: HoursFormat }) {
    if (project.waiting.length === 0) {
        return null;
    }

    return (
        <section aria-labelledby="waiting-words" className="mt-3">
            <h2 id="waiting-words" className="text-faded">
                {project.mayDecide ? words.title : words.titleOfOthers}
            </h2>
            <ul>
                {project.waiting.map((word) => (
                    <li key={word.id} className="border-t border-rule py-1.5">
                        <WaitingWord word={word} project={project} format={format} />
                    </li>
                ))}
            </ul>
        </section>
    );
}

interface WaitingWordItemProps {
    word: WaitingWordProps;
    project: ProjectProps;
    format: HoursFormat;
}

function WaitingWord({ word, project, format }: WaitingWordItemProps) {
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const [isDeclining, setDeclining] = useState(false);
    const [why, setWhy] = useState('');
    const [isGoing, setGoing] = useState(false);
    const decide = (accept: boolean) => {
        router.post(
            `/projects/${project.code}/restatements/${word.id}`,
            { accept, word: why },
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
    const on = shortDay(word.on);

    return (
        <>
            <p className="[overflow-wrap:anywhere]">
                {word.isDone
                    ? words.done(word.person, on, word.task, hours(word.before))
                    : words.left(word.person, on, word.task, hours(word.after), hours(word.before))}{' '}
                {word.by !== '' && <span className="text-faded">{words.by(word.by)} </span>}
                {word.reason !== '' && <q>{word.reason}</q>}
            </p>
            <p className="pencilled">
                {words.effect(
                    hours(word.forecastBefore),
                    hours(word.forecastAfter),
                    verdict(word.forecastAfter - word.planned, format),
                )}
                {word.costBefore !== null &&
                    word.costAfter !== null &&
                    words.cost(printMoney(word.costBefore, project.currency), printMoney(word.costAfter, project.currency))}
                .
            </p>
            {project.mayDecide && !isDeclining && (
                <p className="mt-1 flex gap-3">
                    <button
                        type="button"
                        className="act act-main"
                        disabled={isGoing}
                        onClick={() => {
                            decide(true);
                        }}
                    >
                        {words.accept}
                    </button>
                    <button
                        type="button"
                        className="act"
                        disabled={isGoing}
                        onClick={() => {
                            setDeclining(true);
                        }}
                    >
                        {words.decline}
                    </button>
                </p>
            )}
            {project.mayDecide && isDeclining && (
                <form
                    className="mt-1 flex flex-wrap items-end gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        decide(false);
                    }}
                >
                    <span className="min-w-64 grow">
                        <Field
                            label={words.why}
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
                        {words.declineNow}
                    </button>
                    <button
                        type="button"
                        className="act"
                        onClick={() => {
                            setDeclining(false);
                        }}
                    >
                        {words.back}
                    </button>
                </form>
            )}
        </>
    );
}
