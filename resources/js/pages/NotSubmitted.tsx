export { NotSubmittedPage as default } from '@/features/not-submitted';
