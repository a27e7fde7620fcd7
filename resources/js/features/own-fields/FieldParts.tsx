import { officeText } from '@/lib/officeText';
import type { FieldKind, FieldSubject } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { TextArea } from '@/ui/TextArea';
import type { PartProps } from './fieldData';

const copy = officeText.ownFieldsPage;

/** What is said of a field once, when it is added. */
export function NewField({ data, set }: PartProps) {
    return (
        <>
            <Select
                label={copy.belongsTo}
                value={data.subject}
                options={Object.entries(copy.subjects)}
                onChoose={(subject) => {
                    set({ subject: subject as FieldSubject, team: '', client: '' });
                }}
            />
            <Select
                label={copy.holds}
                value={data.kind}
                options={Object.entries(copy.kinds)}
                onChoose={(kind) => {
                    set({ kind: kind as FieldKind });
                }}
            />
            <div>
                <Field
                    label={copy.code}
                    maxLength={32}
                    value={data.code}
                    aria-describedby="code-hint"
                    onChange={(event) => {
                        set({ code: event.target.value });
                    }}
                />
                <p id="code-hint" className="pencilled mt-1">
                    {copy.codeHint}
                </p>
            </div>
        </>
    );
}

/** What a field with choices offers. */
export function Choices({ data, set }: PartProps) {
    return (
        <div>
            <TextArea
                label={copy.choices}
                required
                value={data.choices}
                aria-describedby="choices-hint"
                onChange={(event) => {
                    set({ choices: event.target.value });
                }}
            />
            <p id="choices-hint" className="pencilled mt-1">
                {copy.choicesHint}
            </p>
        </div>
    );
}

/** Whether it is required, and whether it is still asked. */
export function Flags({ isNew, data, set }: PartProps & { isNew: boolean }) {
    return (
        <>
            <Checkbox
                label={copy.isRequired}
                checked={data.isRequired}
                onChange={(isRequired) => {
                    set({ isRequired });
                }}
            />
            {data.isRequired && data.subject === 'entry' && <p className="pencilled">{copy.requiredHint}</p>}
            {!isNew && (
                <Checkbox
                    label={copy.isRetired}
                    checked={data.isRetired}
                    onChange={(isRetired) => {
                        set({ isRetired });
                    }}
                />
            )}
        </>
    );
}
