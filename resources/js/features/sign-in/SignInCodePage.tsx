import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { StepForm } from './StepForm';

const copy = text.signInCode;

/** The second factor of somebody who has given their password. */
export function SignInCodePage() {
    return (
        <StepForm
            copy={copy}
            address={route('sign-in.code.store')}
            field={{
                name: 'code',
                label: copy.code,
                autoComplete: 'one-time-code',
                autoCapitalize: 'none',
                spellCheck: false,
                maxLength: 40,
            }}
            hint={copy.lost}
        />
    );
}
