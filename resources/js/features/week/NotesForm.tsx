import { text } from '@/lib/text';
import type { CellProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { NoteField } from '@/ui/NoteField';
import { useState, type RefObject } from 'react';
import type { Wanted } from './cells';

interface NotesFormProps {
    cell: CellProps;
    /** The field of the note for the team. */
    field: RefObject<HTMLTextAreaElement | null>;
    /** Whether it is billed, as it is wanted now. */
    billable: boolean;
    mayWrite: boolean;
    /** Cells of the week whose client notes are only pencilled. */
    pencilled: number;
    onWrite: (wanted: Wanted) => void;
    onInkAll: () => void;
    onLeave: () => void;
}

/** The notes of an entry and whether it is billed; saved as one leaves a field. */
export function NotesForm(props: NotesFormProps) {
    const { cell, field, billable, mayWrite, onWrite, onLeave } = props;
    if (!mayWrite) {
        return (
            <>
                <ReadNote label={text.week.remark.note} note={cell.note} />
                <ReadNote label={text.week.remark.clientNote} note={cell.clientNote} />
            </>
        );
    }

    return (
        <div className="mt-2 flex flex-col gap-2">
            <NoteField
                field={field}
                label={text.week.remark.note}
                saved={cell.note}
                onSave={(note) => {
                    onWrite({ note });
                }}
                onLeave={onLeave}
            />
            <ClientNote {...props} />
            <Checkbox
                label={text.week.remark.billable}
                checked={billable}
                onChange={(checked) => {
                    onWrite({ billable: checked });
                }}
            />
        </div>
    );
}

function ReadNote({ label, note }: { label: string; note: string }) {
    return (
        note !== '' && (
            <p className="mt-1 [overflow-wrap:anywhere]">
                <span className="text-faded">{label}:</span> {note}
            </p>
        )
    );
}

/** The note that the client reads: pencilled until it is inked or changed. */
function ClientNote({ cell, pencilled, onWrite, onInkAll, onLeave }: NotesFormProps) {
    const [edits, edit] = useState(false);
    const proposed = cell.proposedClientNote;
    if (proposed === null || edits) {
        return (
            <NoteField
                label={text.week.remark.clientNote}
                saved={cell.clientNote}
                first={proposed ?? undefined}
                isFocused={edits}
                onSave={(clientNote) => {
                    onWrite({ clientNote });
                }}
                onLeave={onLeave}
            />
        );
    }

    return (
        <div>
            <p className="text-faded">{text.week.remark.clientNote}</p>
            <p className="pencilled [overflow-wrap:anywhere]">{proposed}</p>
            <p className="mt-1 flex flex-wrap gap-2">
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        onWrite({ clientNote: proposed });
                    }}
                >
                    {text.week.ink}
                </button>
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        edit(true);
                    }}
                >
                    {text.week.change}
                </button>
                {pencilled > 1 && (
                    <button type="button" className="act" onClick={onInkAll}>
                        {text.week.inkClientNotes(pencilled)}
                    </button>
                )}
            </p>
        </div>
    );
}
