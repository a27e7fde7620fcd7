export { QuestionsPage as default } from '@/features/office';
