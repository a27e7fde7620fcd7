import { officeText } from '@/lib/officeText';
import { Field } from '@/ui/Field';
import { OwnFieldInputs } from '@/ui/OwnFieldInputs';
import type { PersonPartProps } from './personData';

const copy = officeText.personPage;

/** Name and address. */
export function PersonWho({ person, data, set, isNew }: PersonPartProps & { isNew: boolean }) {
    return (
        <fieldset className="flex flex-col gap-4">
            <legend className="mb-2 font-semibold">{copy.who}</legend>
            <Field
                label={copy.name}
                name="name"
                required
                autoFocus={isNew}
                maxLength={200}
                value={data.name}
                onChange={(event) => {
                    set({ name: event.target.value });
                }}
            />
            <Field
                label={copy.email}
                name="email"
                type="email"
                required
                maxLength={254}
                value={data.email}
                onChange={(event) => {
                    set({ email: event.target.value });
                }}
            />
            {isNew && (
                <div>
                    <Field
                        label={copy.code}
                        name="code"
                        maxLength={32}
                        className="w-44"
                        value={data.code}
                        onChange={(event) => {
                            set({ code: event.target.value });
                        }}
                    />
                    <p className="pencilled mt-1">{copy.codeHint}</p>
                </div>
            )}
            <OwnFieldInputs
                fields={person.fields}
                values={data.fields}
                onChange={(fields) => {
                    set({ fields });
                }}
            />
        </fieldset>
    );
}
