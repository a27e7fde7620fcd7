export { WebhookPage as default } from '@/features/webhooks';
