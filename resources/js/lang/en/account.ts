import { printNumber } from '@/lib/numbers';
import type { AccessRight, SignInMethod } from '@/types/generated/props';
import { plural } from './plural';

/** A person's own account. */
export const accountText = {
    accountPage: {
        title: 'Account',
        finding: (email: string, hasFactor: boolean) =>
            `You sign in as ${email}, ${hasFactor ? 'with a second factor' : 'without a second factor'}.`,
        tokens: {
            title: 'Access tokens',
            none: 'With a token, a program of yours reads and records in your name, through the API. You have none.',
            hint: 'With a token, a program of yours reads and records in your name, through the API. Revoke one that you no longer need.',
            reference: 'What a program can ask',
            created: 'Copy the token now; it is not shown again.',
            name: 'What it is for',
            rights: 'Rights',
            rightNames: {
                read: 'Read',
                record: 'Record and submit time',
                review: 'Approve and return',
                plan: 'Plan projects',
                office: 'Keep people and files',
            } satisfies Record<AccessRight, string>,
            isApplication: 'For an application, for which I answer',
            application: (person: string) => `application; ${person} answers for it`,
            takeOver: 'Take over',
            takeOverOf: (name: string) => `Take over the token for ${name}`,
            createdAt: 'Created',
            lastUse: 'Last used',
            never: 'Never',
            endsOn: 'Last day',
            ended: (day: string) => `${day} (ended)`,
            create: 'Create token',
            revoke: 'Revoke',
            revokeOf: (name: string) => `Revoke the token for ${name}`,
            confirmFirst: 'Confirm above that it is you to create or revoke tokens.',
        },
        confirm: {
            title: 'Confirm that it is you',
            explained: 'To change your second factor or end sign-ins, enter your password once more. It holds for 15 minutes.',
            explainedProvider: (name: string) =>
                `To change your second factor or end sign-ins, sign in once more with ${name}. It holds for 15 minutes.`,
            setFirst:
                'Your account has no password. To change how you sign in, set one with “Forgotten password?” on the sign-in page.',
            password: 'Your password',
            submit: 'Confirm',
            provider: (name: string) => `Confirm with ${name}`,
        },
        password: {
            title: 'Password',
            none: 'You have no password and sign in by single sign-on. You can set one with “Forgotten password?” on the sign-in page.',
            current: 'Current password',
            new: 'New password',
            submit: 'Change password',
            ends: 'This signs you out in all other browsers.',
        },
        factor: {
            title: 'Second factor',
            off: 'It is off. With it, a password alone is not enough to sign in as you: a code from an app on your phone is needed too.',
            required: 'Your access requires it.',
            on: (since: string) => `On since ${since}.`,
            codes: (count: number) =>
                count === 0
                    ? 'All recovery codes have been used.'
                    : plural(count, {
                          one: 'One recovery code has not been used.',
                          other: '# recovery codes have not been used.',
                      }),
            setUp: 'Set up second factor',
            renew: 'Make new recovery codes',
            renewTitle: 'Make new recovery codes?',
            renewText: 'The ones you have will stop working.',
            remove: 'Remove second factor…',
            removeTitle: 'Remove your second factor?',
            removeText: 'From then on your password alone is enough to sign in as you.',
            removeYes: 'Remove second factor',
            cancel: 'Cancel',
        },
        signIns: {
            title: 'Where you are signed in',
            browser: 'Browser',
            method: 'Signed in by',
            since: 'Since',
            lastUse: 'Last used',
            from: 'Network address',
            acts: 'Actions',
            inShort: (method: string, lastUse: string) => `${method}, last used ${lastUse}`,
            unknown: 'Unknown browser',
            current: 'this browser',
            methods: {
                password: 'password',
                link: 'link in an email',
                'single sign-on': 'single sign-on',
                demonstration: 'demo',
            } satisfies Record<SignInMethod, string>,
            end: 'End sign-in',
            endOf: (browser: string, since: string) => `End the sign-in of ${browser} since ${since}`,
            endOthers: 'End all other sign-ins',
            longest: (days: number, unusedHours: number) =>
                `Every sign-in ends after ${printNumber(days)} days, or after ${printNumber(unusedHours)} hours without use.`,
        },
    },
    factorPage: {
        title: 'Set up second factor',
        needed: 'Your access requires a second factor. Set it up now, then go on.',
        explained: 'You need an app on your phone that makes codes for signing in; many password managers do so too.',
        scan: '1. Scan this code with the app',
        picture: 'Code to scan with the app',
        type: 'Or type this key into the app:',
        enter: '2. Enter the six digits that the app shows',
        code: 'Code',
        submit: 'Turn on second factor',
    },
    recoveryCodesPage: {
        title: 'Recovery codes',
        explained:
            'Each of these codes signs you in once if you do not have your phone. They are shown only now: print them, or save them where your phone is not.',
        list: 'Recovery codes',
        copy: 'Copy codes',
        copied: 'Copied',
        print: 'Print codes',
        done: 'I have saved them',
    },
};
