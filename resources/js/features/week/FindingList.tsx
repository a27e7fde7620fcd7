import { text } from '@/lib/text';
import type { FindingProps } from '@/types/generated/props';
import { NoteField } from '@/ui/NoteField';
import clsx from 'clsx';
import { findingKey } from '@/features/submission';

interface FindingListProps {
    findings: readonly FindingProps[];
    /** Under which each that is marked stands in the grid. */
    letters: ReadonlyMap<FindingProps, string>;
    /** Saves an explanation; without it, explanations are only read. */
    onAnswer?: ((finding: FindingProps, explanation: string) => void) | undefined;
    /** Where a finding is, for those that are elsewhere. */
    whereabouts?: (finding: FindingProps) => { place: string; go: () => void } | null;
    onLeave: () => void;
}

/** What the house rules have found, each with what would cure it, and the explanation that it asks for. */
export function FindingList({ findings, letters, onAnswer, whereabouts, onLeave }: FindingListProps) {
    return (
        <ul className="flex flex-col gap-2">
            {findings.map((finding) => {
                const letter = letters.get(finding);
                const where = whereabouts?.(finding) ?? null;

                return (
                    <li
                        key={findingKey(finding)}
                        className={clsx('border-s-2 ps-2 [overflow-wrap:anywhere]', {
                            'border-brick': finding.severity === 'blocking',
                            'border-ochre': finding.severity === 'explanation',
                            'border-rule': finding.severity === 'information',
                        })}
                    >
                        <p>
                            {letter !== undefined && <span className="me-1 text-ochre italic">{letter}</span>}
                            {finding.severity === 'blocking' && <strong className="text-brick">{text.findings.blocking} </strong>}
                            {where !== null && (
                                <button type="button" className="act-quiet me-1" onClick={where.go}>
                                    {where.place}
                                </button>
                            )}
                            {finding.what}
                        </p>
                        <p className="pencilled">{finding.cure}</p>
                        {finding.severity === 'explanation' && onAnswer !== undefined && (
                            <NoteField
                                label={finding.explanation === '' ? text.findings.required : text.findings.explanation}
                                saved={finding.explanation}
                                onSave={(explanation) => {
                                    onAnswer(finding, explanation);
                                }}
                                onLeave={onLeave}
                            />
                        )}
                        {(finding.severity !== 'explanation' || onAnswer === undefined) && finding.explanation !== '' && (
                            <q>{finding.explanation}</q>
                        )}
                    </li>
                );
            })}
        </ul>
    );
}
