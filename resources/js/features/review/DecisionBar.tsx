import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, WaitingLineProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ReturnForm } from './ReturnForm';

interface DecisionBarProps {
    /** The lines that are taken. */
    lines: WaitingLineProps[];
    all: number;
    format: HoursFormat;
}

/** Approves what is taken in one act, or returns it with a word. */
export function DecisionBar({ lines, all, format }: DecisionBarProps) {
    const [returning, setReturning] = useState(false);
    const [going, setGoing] = useState(false);
    const hours = hoursInWords(
        lines.reduce((sum, line) => sum + line.minutes, 0),
        format,
    );
    const decide = (decision: 'approve' | 'return', word: string) => {
        setGoing(true);
        router.post(
            '/review/decisions',
            { decision, word, entries: lines.flatMap((line) => line.cells.map(({ id, version }) => ({ id, version }))) },
            {
                preserveScroll: true,
                onFinish: () => {
                    setGoing(false);
                    setReturning(false);
                },
            },
        );
    };

    return (
        <div className="mt-3">
            {returning ? (
                <ReturnForm
                    hours={hours}
                    going={going}
                    onCancel={() => {
                        setReturning(false);
                    }}
                    onReturn={(word) => {
                        decide('return', word);
                    }}
                />
            ) : (
                <div className="flex flex-wrap items-center gap-3">
                    <button
                        type="button"
                        disabled={lines.length === 0 || going}
                        className="act act-main"
                        onClick={() => {
                            decide('approve', '');
                        }}
                    >
                        {text.reviewPage.approveAll(hours)}
                    </button>
                    <button
                        type="button"
                        disabled={lines.length === 0 || going}
                        className="act"
                        onClick={() => {
                            setReturning(true);
                        }}
                    >
                        {text.reviewPage.returnAll(hours)}
                    </button>
                    <span className="pencilled">{text.reviewPage.chosen(lines.length, all)}</span>
                </div>
            )}
        </div>
    );
}
