import { officeText } from '@/lib/officeText';
import { Field } from '@/ui/Field';
import { TextArea } from '@/ui/TextArea';

const copy = officeText.compositionForm;

/** A part of composed charge codes as it is typed. */
export interface Part {
    name: string;
    codes: string;
}

interface PartFieldsProps {
    part: Part;
    number: number;
    onChange: (changed: Partial<Part>) => void;
    onRemove: () => void;
}

/** The name of a part and its codes. */
export function PartFields({ part, number, onChange, onRemove }: PartFieldsProps) {
    return (
        <fieldset className="flex w-60 flex-col gap-2">
            <legend className="mb-1 font-semibold">{copy.part(number)}</legend>
            <Field
                label={copy.partName}
                required
                maxLength={200}
                value={part.name}
                onChange={(event) => {
                    onChange({ name: event.target.value });
                }}
            />
            <TextArea
                label={copy.codes}
                required
                value={part.codes}
                onChange={(event) => {
                    onChange({ codes: event.target.value });
                }}
            />
            <button type="button" className="act-quiet self-start" aria-label={copy.removePartOf(number)} onClick={onRemove}>
                {copy.removePart}
            </button>
        </fieldset>
    );
}
