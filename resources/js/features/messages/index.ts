export { MessagesPage } from './MessagesPage';
export { OutboxPage } from './OutboxPage';
