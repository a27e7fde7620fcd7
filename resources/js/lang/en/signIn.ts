/** Signing in. */
export const signInText = {
    signIn: {
        title: 'Sign in',
        of: (organisation: string) => `Weekly timesheets for ${organisation}`,
        email: 'Email address',
        password: 'Password',
        submit: 'Sign in',
        forgotten: 'Forgotten password?',
        singleSignOn: (name: string) => `Sign in with ${name}`,
        demo: 'Or explore the demo as someone who…',
        demoHint: 'This is a demo: the people are invented, and no password is needed.',
    },
    signInCode: {
        title: 'Second factor',
        explained: 'Enter the six digits that your app shows now. Without your phone, enter one of your recovery codes.',
        code: 'Code',
        submit: 'Sign in',
        back: 'Sign in as somebody else',
        lost: 'If you have neither your phone nor a recovery code, ask the time office to remove your second factor.',
    },
    forgottenPassword: {
        title: 'Forgotten password',
        explained:
            'Enter the email address of your account. You will be sent a link to set a new password; it works for one hour.',
        submit: 'Send link',
        back: 'Back to sign-in',
    },
    newPassword: {
        title: 'New password',
        of: (name: string, email: string) => `For ${name}, who signs in as ${email}.`,
        over: 'This link has been used or has expired.',
        again: 'Ask for a new link',
        submit: 'Save password and sign in',
    },
    passwordField: {
        show: 'Show password',
        rules: 'Use 12 to 128 characters and leave your name out. Several words in a row are easy to remember and hard to guess.',
    },
};
