import { text } from '@/lib/text';
import { useId, useState, type ComponentProps } from 'react';
import { Checkbox } from './Checkbox';
import { Field } from './Field';

interface PasswordFieldProps extends Omit<ComponentProps<typeof Field>, 'type'> {
    /** Whether one is chosen here: then what it has to be is said. */
    isNew?: boolean;
}

/** A password, which can be shown to whoever types it. */
export function PasswordField({ isNew = false, ...field }: PasswordFieldProps) {
    const [isShown, show] = useState(false);
    const id = useId();
    const copy = text.passwordField;

    return (
        <div>
            <Field
                {...field}
                type={isShown ? 'text' : 'password'}
                autoComplete={isNew ? 'new-password' : 'current-password'}
                autoCapitalize="none"
                spellCheck={false}
                maxLength={1000}
                aria-describedby={isNew ? `${id}-rules` : field['aria-describedby']}
            />
            {isNew && (
                <p id={`${id}-rules`} className="pencilled mt-1 max-w-prose">
                    {copy.rules}
                </p>
            )}
            <Checkbox label={copy.show} checked={isShown} onChange={show} className="text-faded" />
        </div>
    );
}
