export { ReviewPage as default } from '@/features/review';
