import { text } from '@/lib/text';
import type { ApiOperationProps } from '@/types/generated/props';
import { FieldTable } from './FieldTable';

const copy = text.apiReference;

/** Something that a program can ask: how, with what, and what it gets. */
export function Operation({ operation }: { operation: ApiOperationProps }) {
    const { id, method, path, summary, description, parameters, fields, answer, problems } = operation;

    return (
        <section aria-labelledby={id} className="mt-6 border-t border-rule pt-2">
            <h2 id={id} className="[overflow-wrap:anywhere]">
                {method} {path}
            </h2>
            <p>
                {summary} <span className="text-faded">{description}</span>
            </p>
            {parameters.length > 0 && <FieldTable name={copy.parametersOf(method, path)} fields={parameters} />}
            {fields.length > 0 && (
                <>
                    <h3 className="mt-2">{copy.body}</h3>
                    <FieldTable name={copy.bodyOf(method, path)} fields={fields} />
                </>
            )}
            <p className="mt-2">{answer === null ? copy.answersNothing : copy.answers(answer)}</p>
            <ul className="text-faded">
                {problems.map((problem) => (
                    <li key={problem}>{problem}</li>
                ))}
            </ul>
        </section>
    );
}
