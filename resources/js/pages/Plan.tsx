export { PlanPage as default } from '@/features/plan';
