import { text } from '@/lib/text';
import type { FindingProps } from '@/types/generated/props';
import { NoteField } from '@/ui/NoteField';
import clsx from 'clsx';
import { findingKey } from './findings';

interface FindingListProps {
    findings: readonly FindingProps[];
    /** Under which each that is marked stands in the grid. */
    letters: ReadonlyMap<FindingProps, string>;
    /** Answers with a word; without it, words are only read. */
    onAnswer?: ((finding: FindingProps, word: string) => void) | undefined;
    /** Where a finding is, for those that are elsewhere. */
    whereabouts?: (finding: FindingProps) => { words: string; go: () => void } | null;
    onLeave: () => void;
}

/** What the house rules have found, each with what would cure it, and the word that it asks for. */
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
                            'border-brick': finding.level === 'blocks',
                            'border-ochre': finding.level === 'asks',
                            'border-rule': finding.level === 'mentions',
                        })}
                    >
                        <p>
                            {letter !== undefined && <span className="me-1 text-ochre italic">{letter}</span>}
                            {finding.level === 'blocks' && <strong className="text-brick">{text.findings.blocks} </strong>}
                            {where !== null && (
                                <button type="button" className="act-quiet me-1" onClick={where.go}>
                                    {where.words}
                                </button>
                            )}
                            {finding.what}
                        </p>
                        <p className="pencilled">{finding.cure}</p>
                        {finding.level === 'asks' && onAnswer !== undefined && (
                            <NoteField
                                id={`word-${findingKey(finding).replace(/\W/g, '-')}`}
                                label={finding.word === '' ? text.findings.asks : text.findings.word}
                                saved={finding.word}
                                onSave={(word) => {
                                    onAnswer(finding, word);
                                }}
                                onLeave={onLeave}
                            />
                        )}
                        {(finding.level !== 'asks' || onAnswer === undefined) && finding.word !== '' && <q>{finding.word}</q>}
                    </li>
                );
            })}
        </ul>
    );
}
