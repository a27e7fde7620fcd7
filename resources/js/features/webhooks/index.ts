export { WebhookMessagePage } from './WebhookMessagePage';
export { WebhookPage } from './WebhookPage';
export { WebhooksPage } from './WebhooksPage';
