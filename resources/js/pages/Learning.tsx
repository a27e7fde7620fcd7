export { LearningPage as default } from '@/features/learning';
