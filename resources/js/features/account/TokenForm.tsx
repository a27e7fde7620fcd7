import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AccessRight } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';
import { useReducer } from 'react';

const copy = officeText.accountPage.tokens;

interface TokenFormProps {
    rights: AccessRight[];
    /** Whether a token may be an application's. */
    keepsApplications: boolean;
}

interface TokenValues {
    name: string;
    rights: AccessRight[];
    endsOn: string;
    isApplication: boolean;
}

/** A new token: what it is for, what may be done with it, and until when. */
export function TokenForm({ rights, keepsApplications }: TokenFormProps) {
    const form = useForm<TokenValues>({ name: '', rights: ['read'], endsOn: '', isApplication: false });
    // The field of the day begins anew with each token.
    const [created, countCreated] = useReducer((count: number) => count + 1, 0);

    return (
        <form
            aria-label={copy.create}
            className="mt-4 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('account.tokens.create'), {
                    preserveScroll: true,
                    onSuccess: () => {
                        form.reset();
                        countCreated();
                    },
                });
            }}
        >
            <Field
                label={copy.name}
                required
                maxLength={100}
                className="w-60"
                value={form.data.name}
                onChange={(event) => {
                    form.setData('name', event.target.value);
                }}
            />
            <DateField
                key={created}
                label={copy.endsOn}
                required
                onPick={(day) => {
                    form.setData('endsOn', day);
                }}
            />
            <fieldset className="flex flex-wrap gap-x-4">
                <legend className="sr-only">{copy.rights}</legend>
                {rights.map((right) => (
                    <Checkbox
                        key={right}
                        label={copy.rightNames[right]}
                        checked={form.data.rights.includes(right)}
                        onChange={(isChosen) => {
                            form.setData(
                                'rights',
                                rights.filter((one) => (one === right ? isChosen : form.data.rights.includes(one))),
                            );
                        }}
                    />
                ))}
            </fieldset>
            {keepsApplications && (
                <Checkbox
                    label={copy.isApplication}
                    checked={form.data.isApplication}
                    onChange={(isApplication) => {
                        form.setData('isApplication', isApplication);
                    }}
                />
            )}
            <button type="submit" disabled={form.processing} className="act">
                {copy.create}
            </button>
            <FieldError />
        </form>
    );
}
