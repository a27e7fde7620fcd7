import { text } from '@/lib/text';
import type { SubmissionProps } from '@/types/generated/props';
import { useId } from 'react';
import { findingKey } from './findings';

interface SubmissionFindingsProps {
    summary: SubmissionProps;
    words: Record<string, string>;
    /** Whether what lacks is said, after it was tried. */
    isLacking: boolean;
    onSay: (words: Record<string, string>) => void;
}

/** What stands in the way, what asks for a word, and what is mentioned, before it goes. */
export function SubmissionFindings({ summary, words, isLacking, onSay }: SubmissionFindingsProps) {
    const id = useId();
    const of = (level: string) => summary.findings.filter((finding) => finding.level === level);
    const [blocks, asks, mentions] = [of('blocks'), of('asks'), of('mentions')];

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
                    <h3>{text.findings.needsWord}</h3>
                    {asks.map((finding, index) => {
                        const key = findingKey(finding);
                        const word = words[key] ?? finding.word;
                        const lacks = isLacking && word.trim() === '';

                        return (
                            <label key={key} className="mt-1 flex flex-col gap-0.5">
                                <span>{finding.what}</span>
                                <textarea
                                    rows={1}
                                    maxLength={1000}
                                    value={word}
                                    data-first={index === 0 && finding.word === '' ? true : undefined}
                                    aria-invalid={lacks}
                                    aria-describedby={lacks ? `${id} ${index}` : undefined}
                                    className="field-sizing-content min-h-7 border-b border-edge bg-sheet px-2 py-0.5"
                                    onChange={(event) => {
                                        onSay({ ...words, [key]: event.target.value });
                                    }}
                                />
                                {lacks && (
                                    <span id={`${id} ${index}`} className="text-brick">
                                        {text.findings.wordLacks}
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
