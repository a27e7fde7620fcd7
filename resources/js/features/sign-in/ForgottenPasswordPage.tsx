import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { StepForm } from './StepForm';

/** Asks for a link to set a new password. */
export function ForgottenPasswordPage() {
    return (
        <StepForm
            copy={text.forgottenPassword}
            address={route('password.forgotten.store')}
            field={{ name: 'email', label: text.signIn.email, type: 'email', autoComplete: 'username' }}
        />
    );
}
