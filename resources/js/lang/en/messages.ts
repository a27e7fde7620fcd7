import type { PlainRoute } from '@/lib/route';
import { plural } from './plural';

/** Messages and emails. */
export const messagesText = {
    messagesPage: {
        name: 'Messages',
        tabs: {
            messages: 'Messages',
            outbox: 'Outbox',
        } satisfies Partial<Record<PlainRoute, string>>,
        finding: (unread: number) =>
            unread === 0
                ? 'You have no new messages.'
                : plural(unread, { one: 'You have one new message.', other: 'You have # new messages.' }),
        none: 'No messages yet. Anything that concerns you will appear here.',
        older: 'Show older',
        settings: 'Notifications',
        what: 'Event',
        here: 'In app',
        byMail: 'Email',
        kinds: {
            assigned: 'Task assigned to you',
            'task picked up': 'Team task picked up',
            returned: 'Time returned to you',
            decided: 'Your time approved',
            'correction waiting': 'Correction waiting for you',
            'estimate updated': 'Remaining estimate updated',
            'estimate waiting': 'Estimate waiting for you',
            'estimate decided': 'Decision on your estimate',
            'correction decided': 'Decision on your correction',
            'stand-in added': 'Named as a stand-in',
            'day reminder': 'Day not recorded',
            'week due': 'Week due',
            'week overdue': 'Week overdue',
            'period closing': 'Period about to close',
            'leave requested': 'Leave requested',
            'leave approved by rule': 'Leave approved by rule',
            'leave decided': 'Decision on your leave',
            'leave taken back': 'Leave taken back',
            'work requested': 'Work requested',
            'work request discussed': 'Comment on a work request',
            'work request decided': 'Decision on your work request',
            'sign-in changed': 'Your way of signing in changed',
        },
        setting: (kind: string, how: 'inApp' | 'byMail') => `${kind}: ${how === 'inApp' ? 'in app' : 'by email'}`,
        morning: 'Morning email at',
        evening: 'End-of-day reminder at',
        explained: 'At most one email at each of these times, in your own time zone, and only if there is something to report.',
        mails: 'Emails to you',
        noMails: 'No emails yet.',
        outbox: 'Outbox',
        outboxOfAll: 'All emails that would be sent.',
        outboxOfOne: 'Your emails.',
        attachments: 'Attachments',
        searchMail: 'Search by recipient or subject',
        from: (sender: string) => `From ${sender}`,
        to: (recipient: string) => `to ${recipient}`,
        shownAs: 'View as',
        asHtml: 'HTML',
        asText: 'Plain text',
    },
    dayReminderPage: {
        used: 'This link has been used. Open your week to change the day.',
        title: (name: string, day: string) => `${name}, ${day}`,
        full: (entered: string) => `${entered} recorded; the day is complete.`,
        bare: (entered: string, expected: string) => `${entered} of the expected ${expected} recorded.`,
        pencilled: (pencilled: string, entered: string, expected: string) =>
            `${pencilled} pencilled in for you; ${entered} of the expected ${expected} recorded.`,
        ink: (hours: string) => `Ink ${hours}`,
        open: 'Open week',
        only: 'This link works for this day only and expires after two days. To open the week, you need to sign in.',
    },
};
