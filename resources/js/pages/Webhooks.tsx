export { WebhooksPage as default } from '@/features/webhooks';
