import { text } from '@/lib/text';
import type { SubmissionProps } from '@/types/generated/props';
import { useId } from 'react';
import { findingKey } from './finding';
import type { SubmissionFields } from './useSubmission';

interface SubmissionFindingsProps {
    summary: SubmissionProps;
    given: Record<string, string>;
    /** Whether what lacks is said, after it was tried. */
    isLacking: boolean;
    fields: SubmissionFields;
    onSay: (given: Record<string, string>) => void;
}

/** The findings before submission: what blocks it, what needs an explanation, and what is for information. */
export function SubmissionFindings({ summary, given, isLacking, fields, onSay }: SubmissionFindingsProps) {
    const id = useId();
    const of = (severity: string) => summary.findings.filter((finding) => finding.severity === severity);
    const [blocks, asks, mentions] = [of('blocking'), of('explanation'), of('information')];

    return (
        <>
            {blocks.length > 0 && (
                <div className="mt-2 border-s-2 border-brick ps-2">
                    <h3 className="text-brick">{text.findings.inTheWay}</h3>
                    {blocks.map((finding) => (
                        <p key={findingKey(finding)}>
                            {finding.what} <span className="pencilled">{finding.cure}</span>
                        </p>
                    ))}
                </div>
            )}
            {asks.length > 0 && (
                <div className="mt-2 border-s-2 border-ochre ps-2">
                    <h3>{text.findings.needsExplanation}</h3>
                    {asks.map((finding, index) => {
                        const key = findingKey(finding);
                        const explanation = given[key] ?? finding.explanation;
                        const lacks = isLacking && explanation.trim() === '';

                        return (
                            <label key={key} className="mt-1 flex flex-col gap-0.5">
                                <span>{finding.what}</span>
                                <textarea
                                    ref={(element) => {
                                        fields.set(key, element);
                                    }}
                                    rows={1}
                                    maxLength={1000}
                                    value={explanation}
                                    aria-invalid={lacks}
                                    aria-describedby={lacks ? `${id} ${index}` : undefined}
                                    className="field-sizing-content min-h-7 border-b border-edge bg-sheet px-2 py-0.5"
                                    onChange={(event) => {
                                        onSay({ ...given, [key]: event.target.value });
                                    }}
                                />
                                {lacks && (
                                    <span id={`${id} ${index}`} className="text-brick">
                                        {text.findings.explanationMissing}
                                    </span>
                                )}
                            </label>
                        );
                    })}
                </div>
            )}
            {mentions.length > 0 && (
                <ul className="pencilled mt-2">
                    {mentions.map((finding) => (
                        <li key={findingKey(finding)}>{finding.what}</li>
                    ))}
                </ul>
            )}
        </>
    );
}
