export { TodayPage as default } from '@/features/office';
