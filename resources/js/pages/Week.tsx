export { WeekPage as default } from '@/features/week';
