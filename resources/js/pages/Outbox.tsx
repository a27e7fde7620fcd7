export { OutboxPage as default } from '@/features/messages';
