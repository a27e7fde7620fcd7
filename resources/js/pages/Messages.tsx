export { MessagesPage as default } from '@/features/messages';
