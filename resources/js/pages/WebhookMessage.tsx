export { WebhookMessagePage as default } from '@/features/webhooks';
