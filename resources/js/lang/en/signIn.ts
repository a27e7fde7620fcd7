/** Signing in. */
export const signInText = {
    signIn: {
        title: 'Sign in',
        of: (organisation: string) => `Weekly timesheets for ${organisation}`,
        email: 'Email address',
        password: 'Password',
        submit: 'Sign in',
        demo: 'Or explore the demo as someone who…',
        demoHint: 'This is a demo: the people are invented, and no password is needed.',
    },
};
