import { instant } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { WebhookMessageRowProps, WebhookRowProps } from '@/types/generated/props';

const { webhooksPage, webhookPage } = officeText;

/** How a webhook fares, what needs somebody first. */
export function webhookStates(webhook: WebhookRowProps): string[] {
    const { isPaused, waiting, waitingSince, givenUp, deliveredAt } = webhook;

    return [
        isPaused ? webhooksPage.paused : '',
        givenUp > 0 ? webhooksPage.givenUp(givenUp) : '',
        waitingSince === null ? '' : webhooksPage.waiting(waiting, instant(waitingSince)),
        deliveredAt === null
            ? waiting + givenUp === 0
                ? webhooksPage.nothingYet
                : ''
            : webhooksPage.lastReceived(instant(deliveredAt)),
    ].filter((state) => state !== '');
}

/** What became of a message. */
export function messageState({ state, attempts, dueAt, deliveredAt }: WebhookMessageRowProps): string {
    switch (state) {
        case 'delivered':
            return webhookPage.received(instant(deliveredAt ?? dueAt));
        case 'given up':
            return webhookPage.givenUp(attempts);
        case 'waiting':
            return attempts === 0 ? webhookPage.notYet : webhookPage.tryAgainAt(attempts, instant(dueAt));
    }
}
