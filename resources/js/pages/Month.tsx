export { MonthPage as default } from '@/features/month';
