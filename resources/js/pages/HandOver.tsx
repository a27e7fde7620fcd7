export { HandOverPage as default } from '@/features/people';
