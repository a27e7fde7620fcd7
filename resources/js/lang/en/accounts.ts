import { printNumber } from '@/lib/numbers';
import type { Access, AccountState } from '@/types/generated/props';
import { plural } from './plural';

/** Who can sign in, for the time office. */
export const accountsText = {
    accountsPage: {
        name: 'Accounts',
        finding: (people: number, withoutPassword: number, withoutFactor: number) =>
            [
                plural(people, { one: 'One person works here.', other: '# people work here.' }),
                withoutPassword > 0 && plural(withoutPassword, { one: 'One has no password.', other: '# have no password.' }),
                withoutFactor > 0 &&
                    plural(withoutFactor, {
                        one: 'One still has to set up the required second factor.',
                        other: '# still have to set up the required second factor.',
                    }),
            ]
                .filter((sentence) => sentence !== false)
                .join(' '),
        search: 'Search people',
        status: 'Status',
        states: {
            '': 'Everyone',
            'no password': 'Without a password',
            'no second factor': 'Without a required second factor',
            disabled: 'Disabled',
        },
        person: 'Person',
        access: 'Access',
        state: 'Account',
        factor: 'Second factor',
        lastUse: 'Last used',
        acts: 'Actions',
        accesses: { member: 'member', manager: 'manager', office: 'time office', viewer: 'viewer' } satisfies Record<
            Access,
            string
        >,
        accountStates: {
            active: 'active',
            invited: 'invited',
            'invitation expired': 'invitation expired',
            'not invited': 'not invited',
            disabled: 'disabled',
            left: 'has left',
        } satisfies Record<AccountState, string>,
        invitedAt: (at: string) => `on ${at}`,
        factorOn: 'on',
        inShort: (access: string, state: string, hasFactor: boolean) =>
            hasFactor ? `${access}, ${state}, with a second factor` : `${access}, ${state}`,
        signIns: (count: number) => plural(count, { one: 'in one browser', other: 'in # browsers' }),
        none: 'Nobody matches. Change the search, or show everyone.',
        choose: (name: string) => `Choose ${name}`,
        chooseAll: 'Choose all on this page who can be invited',
        invite: (count: number) =>
            count === 0 ? 'Invite' : plural(count, { one: 'Invite one person', other: 'Invite # people' }),
        inviteHint:
            'An invitation is an email with a link to choose a password. It works for one hour; whoever is late asks for a new one.',
        inviteOne: 'Invite',
        inviteAgain: 'Invite again',
        disable: 'Disable',
        enable: 'Enable',
        endSignIns: 'End sign-ins',
        removeFactor: 'Remove second factor',
        actOf: (act: string, name: string) => `${act}: ${name}`,
        disableTitle: (name: string) => `Disable the account of ${name}?`,
        disableText: 'They are signed out everywhere and cannot sign in until you enable the account again. Their time stays.',
        removeFactorTitle: (name: string) => `Remove the second factor of ${name}?`,
        removeFactorText:
            'Do this only once you are sure who asks for it. Until they set up another, their password alone is enough to sign in.',
        cancel: 'Cancel',
        settings: 'What signing in requires',
        factorFor: 'Second factor required for',
        factorHint:
            'Whoever has none sets one up before anything else. Single sign-on counts if the provider says that it asked for one.',
        save: 'Save setting',
        singleSignOn: 'Single sign-on',
        addsPeople: (name: string) => `Whoever signs in with ${name} gets an account, if their email address is verified`,
        noSingleSignOn: 'None is set up. Whoever runs this installation can connect an identity provider.',
        found: (count: number) => `${printNumber(count)} found`,
    },
};
